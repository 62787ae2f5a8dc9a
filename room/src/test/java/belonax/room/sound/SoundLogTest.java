package belonax.room.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.life.Wear;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.InTheDemoRoom;
import belonax.room.TestWork;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.plan.ProjectBook;
import belonax.room.plan.ProjectStep;
import belonax.sound.Alarm;
import belonax.sound.Heard;
import belonax.sound.Knock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What was heard counts as work, is taken back, and tells how a fresh needle sounds and how fast a sewist sews. */
@InTheDemoRoom
class SoundLogTest {
    private static final Knock KNOCK = new Knock(-5, 8);

    @Autowired
    private SoundLog sounds;

    @Autowired
    private SewingRoom room;

    @Autowired
    private WorkLog work;

    @Autowired
    private NeedleBook book;

    @Autowired
    private ProjectBook projects;

    @Autowired
    private EventRepository events;

    @Autowired
    private Undo undo;

    /** Two minutes of running at eight stitches a second, in five minutes of work. */
    private Listened heard() {
        return new Listened(
                sounds.begin(heron()), new Heard(false, 0, 960, 120, 300, 0.8, 0.95, Alarm.NONE), Optional.of(KNOCK));
    }

    private MachineNow heron() {
        return room.find("heron").orElseThrow();
    }

    @Test
    void it_counts_for_needle_machine_and_thread_on_what_lies_on_the_table_and_one_undo_takes_all_of_it_back() {
        work.sewn("heron", 1, TestWork.of("denim-heavy", 2, 40));
        MachineNow before = heron();

        UUID action = sounds.keep("heron", heard());

        MachineNow after = heron();
        assertThat(after.work().sewnMinutes() - before.work().sewnMinutes()).isCloseTo(2, within(1e-9));
        double hours = after.fitted().orElseThrow().needle().effectiveHours()
                - before.fitted().orElseThrow().needle().effectiveHours();
        assertThat(hours).as("two minutes on denim count half as much again").isCloseTo(0.05, within(1e-9));
        List<Event> kept = events.findByActionIdOrderBySeq(action).stream()
                .map(stored -> stored.event())
                .toList();
        assertThat(kept)
                .hasAtLeastOneElementOfType(Event.Sewn.class)
                .last()
                .isInstanceOfSatisfying(Event.Heard.class, otherHeard -> {
                    assertThat(otherHeard.perMinute()).isCloseTo(480, within(1e-9));
                    assertThat(otherHeard.clockMinutes()).isEqualTo(5);
                    assertThat(otherHeard.knock()).isEqualTo(KNOCK);
                    assertThat(otherHeard.wear()).isEqualTo(Wear.DENIM_CANVAS);
                    assertThat(otherHeard.on()).isEqualTo("2 layers of heavy denim, a seam");
                });

        undo.undo(action);
        assertThat(heron()).isEqualTo(before);
    }

    @Test
    void a_clock_that_runs_too_would_count_twice_and_loopers_cannot_be_heard() {
        work.startTimer("heron", Optional.empty());
        assertThatThrownBy(() -> sounds.keep("heron", heard()))
                .isInstanceOf(BadInput.class)
                .hasMessage(
                        "The clock of Heron runs as well, so it would be counted twice. Pause it, and count only one"
                                + " of the two.");

        assertThatThrownBy(() -> sounds.begin(room.find("sparrow").orElseThrow()))
                .isInstanceOf(BadInput.class)
                .hasMessage(
                        "A machine with loopers sounds several times a stitch, so its stitches cannot be told. Use the"
                                + " clock.");
        assertThatThrownBy(() -> new Listened(
                        sounds.begin(heron()), new Heard(false, 0, 19, 3, 3, 0.8, 0.95, Alarm.NONE), Optional.empty()))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("Fewer than twenty stitches");
    }

    @Test
    void a_fresh_needle_is_known_by_cloth_and_an_old_one_teaches_nothing() {
        assertThat(sounds.freshKnock(heron())).isEmpty();
        sounds.keep("heron", heard());
        assertThat(sounds.freshKnock(heron())).as("2.6 hours old").isEmpty();

        room.fit(
                "heron",
                0,
                Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80),
                Optional.empty(),
                heron().fitted().map(MachineNow.Fitted::needleId));
        sounds.keep("heron", heard());

        assertThat(SoundLog.isFresh(heron())).isTrue();
        assertThat(sounds.freshKnock(heron())).hasValue(KNOCK);
        work.sewn("heron", 1, TestWork.of("denim-heavy", 2, 40));
        assertThat(sounds.freshKnock(heron())).as("on denim it sounds other").isEmpty();
    }

    @Test
    void what_was_heard_belongs_to_the_needle_that_was_in_though_another_is_by_now() {
        UUID first = heron().fitted().orElseThrow().needleId();
        Listened listened = heard();
        room.fit(
                "heron",
                0,
                Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80),
                Optional.empty(),
                Optional.of(first));
        double before = book.find(first).orElseThrow().minutes();

        sounds.keep("heron", listened);

        assertThat(SoundLog.isSameNeedle(listened.began(), heron())).isFalse();
        assertThat(heron().fitted().orElseThrow().needle().effectiveHours()).isZero();
        assertThat(book.find(first).orElseThrow().minutes() - before).isCloseTo(2, within(1e-9));
    }

    @Test
    void from_five_hundred_stitches_on_the_plan_knows_how_fast_is_sewn() {
        assertThat(sounds.stitchesPerMinute()).doesNotContainKey("heron");

        UUID action = sounds.keep("heron", heard());

        assertThat(sounds.stitchesPerMinute()).containsEntry("heron", 192.0);
        undo.undo(action);
        assertThat(sounds.stitchesPerMinute()).doesNotContainKey("heron");
    }

    @Test
    void a_step_took_what_the_clock_says_and_not_only_what_the_machine_ran() {
        UUID project = projects.begin("banners");
        projects.add(
                project,
                new ProjectStep(
                        "", "hem", "heron", TestWork.of("poplin", 2, 25), 2, 1, Set.of(), Set.of(), null, null, null));
        projects.start(project, revision(project), "s1");

        sounds.keep("heron", heard());
        projects.done(project, revision(project), "s1", OptionalDouble.empty());

        assertThat(projects.find(project).orElseThrow().card().get("s1").tookMinutes())
                .isEqualTo(5.0);
    }

    private int revision(UUID project) {
        return projects.find(project).orElseThrow().revision();
    }
}
