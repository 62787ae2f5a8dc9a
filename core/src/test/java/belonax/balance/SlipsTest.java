package belonax.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.balance.Slips.Mirrored;
import java.util.Collections;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SlipsTest {
    @Test
    void who_answered_nothing_reads_as_most_do() {
        assertThat(Slips.none().reader()).isSameAs(Reader.field());
        assertThat(Slips.none().told()).isEmpty();
        assertThat(Slips.none().chance(Mirrored.DOTS, Mirrored.CLEAN)).isCloseTo(1 / 24.0, within(1e-9));
    }

    @Test
    void a_row_is_worth_twelve_answers_and_both_faces_are_counted_as_one() {
        Slips slips = Slips.of(
                Stream.concat(times(3, Reading.DOTS, Reading.CLEAN), times(3, Reading.TOP_DOTS, Reading.CLEAN)));

        assertThat(slips.answers(Mirrored.DOTS)).isEqualTo(6);
        assertThat(slips.chance(Mirrored.DOTS, Mirrored.CLEAN)).isCloseTo((0.5 + 6) / 18, within(1e-9));
        assertThat(slips.reader().chance(Reading.TOP_DOTS, Set.of(Reading.CLEAN)))
                .isEqualTo(slips.reader().chance(Reading.DOTS, Set.of(Reading.CLEAN)))
                .isCloseTo(6.5 / 18, within(1e-9));
    }

    @Test
    void who_takes_dots_for_clean_is_told_so_and_asked_for_a_third_clean_strip() {
        Slips slips = Slips.of(times(6, Reading.DOTS, Reading.CLEAN));

        assertThat(slips.reader().cleanToSettle()).isEqualTo(3);
        assertThat(slips.told())
                .anyMatch(text -> text.startsWith(
                        "You take dots for clean one time in 3, so Balance asks you for one clean strip more"));
    }

    @Test
    void who_takes_one_face_for_the_other_is_told_and_her_table_says_so() {
        Slips slips = Slips.of(times(8, Reading.TOP_DOTS, Reading.DOTS));

        assertThat(slips.told()).anyMatch(text -> text.startsWith("You take the one face for the other"));
        assertThat(slips.reader().chance(Reading.DOTS, Set.of(Reading.TOP_DOTS)))
                .isGreaterThan(0.3);
    }

    @Test
    void every_row_of_every_table_adds_up() {
        for (Reading truly : Reading.values()) {
            for (Reading seen : Reading.values()) {
                Reader reader = Slips.of(times(5, truly, seen)).reader();
                for (Reading row : Reading.values()) {
                    assertThat(reader.chance(row, Set.of(Reading.values()))).isCloseTo(1, within(1e-6));
                }
            }
        }
    }

    private static Stream<Slips.Read> times(int times, Reading truly, Reading seen) {
        return Collections.nCopies(times, new Slips.Read(truly, seen)).stream();
    }
}
