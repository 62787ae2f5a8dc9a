package belonax.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The rows of the two tables of faults, each held against what a row has to tell. */
class FaultTableTest {
    private static final FaultTable TABLE = FaultTable.standard();

    static Stream<Cause> causes() {
        return TABLE.causes().stream();
    }

    static List<Check> checks() {
        return TABLE.checks();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("causes")
    void a_cause_is_rare_enough_shows_something_and_is_found_by_a_check(Cause cause) {
        assertThat(cause.title()).isNotBlank();
        assertThat(cause.rate()).isGreaterThan(0).isLessThan(0.2);
        assertThat(cause.shows()).isNotEmpty();
        assertThat(cause.shows().values()).allMatch(chance -> chance > 0 && chance < 1);
        assertThat(cause.standsOut().values()).allMatch(chance -> chance > 0 && chance <= 1);
        assertThat(cause.whenAdds().values()).allMatch(logOdds -> Math.abs(logOdds) <= 4);
        assertThat(cause.check()).isNotNull();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("checks")
    void a_check_tells_how_long_it_takes_what_to_do_and_what_found_it_looks_like(Check check) {
        assertThat(check.title()).isNotBlank();
        assertThat(check.minutes()).isBetween(0.1, 60.0);
        assertThat(check.tools()).isNotBlank();
        assertThat(check.steps()).isNotEmpty().allMatch(step -> step.endsWith(".") || step.endsWith("?"));
        assertThat(check.foundWhen()).endsWith(".");
        assertThat(check.cautions()).allMatch(caution -> caution.endsWith("."));
    }

    @Test
    void every_check_finds_a_cause_and_none_stands_twice() {
        Set<Check> finding = causes().map(Cause::check).collect(Collectors.toSet());

        assertThat(checks()).allMatch(finding::contains);
        assertThat(checks()).extracting(Check::id).containsExactlyInAnyOrder(CheckId.values());
        assertThat(causes().map(Cause::id)).containsExactlyInAnyOrder(CauseId.values());
    }

    @ParameterizedTest
    @EnumSource(value = Symptom.class, mode = EnumSource.Mode.EXCLUDE, names = "HOT_OR_SMOKE")
    void every_symptom_has_several_causes_so_that_no_answer_is_taken_for_granted(Symptom symptom) {
        assertThat(causes().filter(cause -> cause.shows().containsKey(symptom)).count())
                .as(symptom.words())
                .isGreaterThanOrEqualTo(2);
    }

    @Test
    void a_check_that_there_is_not_is_refused_with_those_that_there_are() {
        assertThatThrownBy(() -> CheckId.named("KICK_IT"))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("No check is called “KICK_IT”.")
                .hasMessageContaining("NEEDLE_REPLACE");
    }
}
