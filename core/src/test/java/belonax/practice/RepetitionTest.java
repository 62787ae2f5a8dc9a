package belonax.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RepetitionTest {
    /** The published rules and their table: how much each grade adds to an item's ease. */
    @ParameterizedTest
    @CsvSource({"5, 0.10", "4, 0.00", "3, -0.14"})
    void ease_grows_and_shrinks_as_published(int grade, double by) {
        assertThat(Repetition.NEW.ease()).isEqualTo(2.5);
        assertThat(Repetition.NEW.after(grade).ease()).isCloseTo(2.5 + by, within(1e-9));
    }

    @Test
    void a_good_answer_comes_back_after_one_day_then_six_then_by_its_ease() {
        Repetition first = Repetition.NEW.after(4);
        Repetition second = first.after(4);
        Repetition third = second.after(4);

        assertThat(first.days()).isEqualTo(1);
        assertThat(second.days()).isEqualTo(6);
        assertThat(third.days()).isEqualTo(15); // 6 × 2.5
        assertThat(third.after(4).days()).isEqualTo(38); // 37.5, rounded up
    }

    @ParameterizedTest
    @CsvSource({"0", "1", "2"})
    void what_was_not_known_begins_anew_and_keeps_its_ease(int grade) {
        Repetition known = Repetition.NEW.after(5).after(5).after(5);

        Repetition missed = known.after(grade);

        assertThat(missed).isEqualTo(new Repetition(0, 1, known.ease()));
        assertThat(missed.after(4).days()).isEqualTo(1);
    }

    @Test
    void ease_never_falls_below_the_published_least() {
        Repetition repetition = Repetition.NEW;
        for (int i = 0; i < 20; i++) {
            repetition = repetition.after(3);
        }
        assertThat(repetition.ease()).isEqualTo(1.3);
    }
}
