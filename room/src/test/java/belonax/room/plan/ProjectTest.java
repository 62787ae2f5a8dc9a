package belonax.room.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.room.TestWork;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A project's steps, and what waits for what. */
class ProjectTest {
    private static ProjectStep step(String id, String name, String... after) {
        return new ProjectStep(
                id, name, "heron", TestWork.of("poplin", 2, 25), 2, 1, Set.of(after), Set.of(), null, null, null);
    }

    private static Project cloak() {
        return Project.named("cloak")
                .with(step("", "lining"))
                .with(step("", "shell"))
                .with(step("", "hem", "s1", "s2"));
    }

    @Test
    void a_step_gets_the_next_name_and_none_is_given_twice() {
        Project project = cloak().without("s2").with(step("", "hood"));

        assertThat(project.steps()).extracting(ProjectStep::id).containsExactly("s1", "s3", "s4");
        assertThat(project.get("s3").after())
                .as("what is gone is waited for no more")
                .containsExactly("s1");
    }

    @Test
    void steps_that_come_in_together_keep_what_they_wait_for_under_their_new_names() {
        Project project = cloak().withAll(List.of(step("a", "pocket"), step("b", "flap", "a"), step("", "loop")));

        assertThat(project.get("s5").after()).containsExactly("s4");
        assertThat(project.get("s6").name()).isEqualTo("loop");
        assertThat(project.added()).isEqualTo(6);
    }

    @Test
    void two_of_one_name_or_one_that_waits_for_nobody_known_are_refused_and_nothing_comes_in() {
        assertThatThrownBy(() -> cloak().withAll(List.of(step("a", "pocket"), step("a", "flap"))))
                .isInstanceOf(BadInput.class)
                .hasMessage("Two steps are called “a”. Give each its own id.");
        assertThatThrownBy(() -> cloak().withAll(List.of(step("a", "pocket", "zip"))))
                .isInstanceOf(BadInput.class)
                .hasMessage("No step is called “zip”. Name one of the same file, or none.");
    }

    @Test
    void a_wish_to_sew_after_lets_go_of_the_contrary_wish() {
        Project project = cloak().pinned("s2", "s1");
        assertThat(project.get("s2").waitsFor()).containsExactly("s1");

        Project turned = project.pinned("s1", "s2");

        assertThat(turned.get("s1").pinned()).containsExactly("s2");
        assertThat(turned.get("s2").pinned()).isEmpty();
        assertThat(turned.unpinned().steps())
                .allMatch(projectStep -> projectStep.pinned().isEmpty());
    }

    @Test
    void what_waits_for_it_cannot_be_sewn_before_it_even_by_way_of_others() {
        assertThatThrownBy(() -> cloak().pinned("s1", "s3"))
                .isInstanceOf(BadInput.class)
                .hasMessage("“hem” waits for “lining”, by way of other steps perhaps. Let it wait no longer first.");
        Project chain = cloak().with(step("", "cord", "s3"));
        assertThatThrownBy(() -> chain.pinned("s1", "s4")).isInstanceOf(BadInput.class);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource({
        "'  ', 90,   name,    Give it a name",
        "cloak, 9,   evening, An evening has 10 minutes to a day",
        "cloak, 1441, evening, An evening has 10 minutes to a day"
    })
    void a_project_that_cannot_be_is_refused(String name, int minutes, String field, String told) {
        assertThatThrownBy(() -> new Project(name, List.of(), minutes, Set.of(), 0))
                .isInstanceOfSatisfying(BadInput.class, badInput -> {
                    assertThat(badInput.problems().get(0).field()).isEqualTo(field);
                    assertThat(badInput.getMessage()).contains(told);
                });
    }

    @Test
    void sixty_steps_can_be_open_and_those_that_are_done_do_not_count() {
        List<ProjectStep> sixty = IntStream.range(0, 60)
                .mapToObj(number -> step("", "seam " + number))
                .toList();
        Project full = Project.named("banners").withAll(sixty);

        assertThatThrownBy(() -> full.with(step("", "one more")))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("at most 60 steps");
        assertThat(full.change("s1", projectStep -> projectStep.done(12))
                        .with(step("", "one more"))
                        .steps())
                .hasSize(61);
    }

    @Test
    void it_is_found_by_its_name_its_steps_and_their_cloth_and_keeps_its_evenings() {
        Project project = cloak().sewnOn(120, Set.of(DayOfWeek.SATURDAY, DayOfWeek.TUESDAY));

        assertThat(project.wordsToFind()).contains("cloak", "lining", "poplin");
        assertThat(project.days()).containsExactly(DayOfWeek.TUESDAY, DayOfWeek.SATURDAY);
        assertThat(project.eveningMinutes()).isEqualTo(120);
    }

    @Test
    void a_step_that_is_gone_is_told() {
        assertThatThrownBy(() -> cloak().get("s9"))
                .isInstanceOf(BadInput.class)
                .hasMessage("That step is no longer in this project.");
    }
}
