package belonax;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers that are shown, and the scale on which what is known adds up. */
class ShownTest {
    @ParameterizedTest(name = "{0}: {1}, {2}")
    @CsvSource({
        "4, 4, 4",
        "2.5, 2.5, 2.5",
        "3.75, 3.75, 3.8",
        "16.66, 16.66, 16.7",
        "24.98, 24.98, 25",
        "100, 100, 100",
        "0, 0, 0"
    })
    void a_number_has_no_decimal_that_says_nothing(double value, String shown, String tenths) {
        assertThat(Shown.number(value)).isEqualTo(shown);
        assertThat(Shown.tenths(value)).isEqualTo(tenths);
    }

    @ParameterizedTest
    @CsvSource({"0.5, 0", "0.9, 2.1972", "0.1, -2.1972"})
    void log_odds_lead_to_a_chance_and_back(double chance, double logOdds) {
        assertThat(LogOdds.of(chance)).isCloseTo(logOdds, org.assertj.core.api.Assertions.within(1e-4));
        assertThat(LogOdds.chance(LogOdds.of(chance))).isCloseTo(chance, org.assertj.core.api.Assertions.within(1e-12));
    }
}
