package belonax.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How numbers, times and names are written on pages. */
class WordsTest {
    @ParameterizedTest(name = "{0} is shown {1} and typed {2}")
    @CsvSource({"3.75,  3¾, 3.75", "4,     4,  4", "0.5,   ½,  0.5", "0,     0,  0", "2.3,   2¼, 2.3", "8.999, 9,  9"})
    void a_dial_is_shown_in_quarters_and_typed_as_a_number(double value, String shown, String typed) {
        assertThat(Words.number(value)).isEqualTo(shown);
        assertThat(Words.typed(value)).isEqualTo(typed);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({"80, 80", "0.125, 0.125", "-3, -3", "2.50, 2.5"})
    void a_number_is_as_short_as_it_can_be_typed(double value, String plain) {
        assertThat(Words.plain(value)).isEqualTo(plain);
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({"0, 0 checks", "1, 1 check", "3, 3 checks"})
    void one_is_one_and_all_else_are_many(long number, String words) {
        assertThat(Words.count(number, "check")).isEqualTo(words);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"0, < 1 in 100", "0.004, < 1 in 100", "0.005, 1 in 100", "0.154, 15 in 100", "1, 100 in 100"})
    void a_chance_is_said_in_hundred_and_never_as_nothing(double chance, String words) {
        assertThat(Words.chance(chance)).isEqualTo(words);
    }

    @ParameterizedTest(name = "{0} s: {1}")
    @CsvSource({"0, 0:00", "42, 0:42", "600, 10:00", "3599, 59:59", "3600, 1:00:00", "3727, 1:02:07"})
    void a_time_is_shown_as_a_clock_does(long seconds, String clock) {
        assertThat(Words.clock(seconds)).isEqualTo(clock);
    }

    @ParameterizedTest(name = "{1} {0}")
    @CsvSource({"universal, a", "embroidery, an", "stretch, a", "overlocker, an", "unit, a", "upholstery, an"})
    void an_article_goes_by_the_sound(String word, String article) {
        assertThat(Words.article(word)).isEqualTo(article);
    }

    @Test
    void a_moment_is_told_in_the_sewists_own_time() {
        Instant late = Instant.parse("2026-11-24T23:30:00Z");

        assertThat(Words.dayAndTime(late, ZoneId.of("UTC"))).isEqualTo("24 Nov 2026, 23:30");
        assertThat(Words.dayAndTime(late, ZoneId.of("Europe/Vienna"))).isEqualTo("25 Nov 2026, 00:30");
        assertThat(Words.date(LocalDate.of(2026, 3, 1))).isEqualTo("1 Mar 2026");
        assertThat(Words.capital("")).isEmpty();
        assertThat(Words.capital("stretch 75/11")).isEqualTo("Stretch 75/11");
    }
}
