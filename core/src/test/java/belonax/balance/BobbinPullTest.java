package belonax.balance;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.balance.BobbinPull.Pull;
import belonax.machine.BobbinKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The test of the bobbin's pull that fits a case, and what is done at what it shows. */
class BobbinPullTest {
    @ParameterizedTest(name = "{0}, a thin spring behind the bobbin {1}: {2}")
    @CsvSource({
        "REMOVABLE, false, HANGING",
        "REMOVABLE, true,  LIFTING",
        "SEALED,    false, SEALED_CASE",
        "SEALED,    true,  SEALED_CASE"
    })
    void each_case_has_its_own_test(BobbinKind bobbin, boolean spring, BobbinPull test) {
        assertThat(BobbinPull.of(bobbin, spring)).isEqualTo(test);
    }

    @ParameterizedTest
    @EnumSource(BobbinPull.class)
    void every_pull_is_seen_and_answered_in_whole_sentences_and_what_is_right_is_left_alone(BobbinPull test) {
        for (Pull pull : Pull.values()) {
            assertThat(test.seen(pull)).endsWith(".");
            assertThat(test.toDo(pull)).endsWith(".");
        }
        assertThat(test.toDo(Pull.RIGHT)).startsWith("Leave it.");
        assertThat(test.schools()).isNotBlank();
    }

    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource({
        "HANGING,     LOOSE, an eighth of a turn clockwise at most",
        "HANGING,     TIGHT, an eighth of a turn anticlockwise at most",
        "LIFTING,     LOOSE, an eighth of a turn clockwise at most",
        "LIFTING,     TIGHT, an eighth of a turn anticlockwise at most",
        "SEALED_CASE, LOOSE, thicker thread in the bobbin",
        "SEALED_CASE, TIGHT, finer thread in the bobbin"
    })
    void a_screw_is_turned_the_right_way_and_a_sealed_case_not_at_all(BobbinPull test, Pull pull, String says) {
        assertThat(test.toDo(pull)).contains(says);
        assertThat(test.toDo(pull).contains("screw")).isEqualTo(test != BobbinPull.SEALED_CASE);
    }
}
