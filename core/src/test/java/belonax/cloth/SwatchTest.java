package belonax.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SwatchTest {
    @Test
    void a_swatch_on_a_kitchen_scale_has_a_band_that_its_step_leaves() {
        SwatchWeight swatch = SwatchWeight.measure(3, 20, 20, 1);

        assertThat(swatch.gsm()).isCloseTo(75, within(1e-9));
        assertThat(swatch.low()).isCloseTo(62.5, within(1e-9));
        assertThat(swatch.high()).isCloseTo(87.5, within(1e-9));
        assertThat(swatch.weightClass()).isEqualTo(WeightClass.LIGHT);
        assertThat(swatch.certain()).isTrue();
    }

    @ParameterizedTest(name = "{0} g on {1} cm")
    @CsvSource({"1, 10", "2, 12", "1, 8.5", "9.5, 20", "16.3, 20", "5, 20"})
    void the_advised_swatch_settles_the_class(double grams, double sideCm) {
        SwatchWeight first = SwatchWeight.measure(grams, sideCm, sideCm, 1);
        java.util.regex.Matcher advised =
                java.util.regex.Pattern.compile("swatch of (\\d+) ×").matcher(first.advice());
        assertThat(first.certain()).isFalse();
        assertThat(advised.find()).isTrue();
        double larger = Double.parseDouble(advised.group(1));

        double trueGrams = first.gsm() * larger * larger / 10_000;
        SwatchWeight second = SwatchWeight.measure(trueGrams, larger, larger, 1);

        assertThat(second.certain()).isTrue();
        assertThat(second.weightClass()).isEqualTo(first.weightClass());
    }

    @Test
    void a_weight_on_the_very_limit_is_not_settled_by_any_swatch() {
        assertThat(SwatchWeight.measure(13, 31.6227766, 31.6227766, 1).advice()).contains("no swatch would settle it");
    }

    @Test
    void stretch_and_recovery_follow_from_three_measures() {
        Stretch stretch = Stretch.measure(100, 150, 103);

        assertThat(stretch.stretchPercent()).isCloseTo(50, within(1e-9));
        assertThat(stretch.recoveryPercent()).isCloseTo(94, within(1e-9));
        assertThat(stretch.advice()).contains("stretch needle");
        assertThat(Stretch.measure(100, 100, 100).recoveryPercent()).isEqualTo(100);
        assertThat(Stretch.measure(100, 130, 110).advice()).contains("does not come back well");
    }

    @ParameterizedTest
    @CsvSource({"0,20,20,1", "3,0,20,1", "3,20,NaN,1", "3,20,20,0", "-1,20,20,1", "4000,10,10,1", "NaN,20,20,1"})
    void a_swatch_that_makes_no_sense_is_refused(double grams, double length, double width, double step) {
        assertThatThrownBy(() -> SwatchWeight.measure(grams, length, width, step))
                .isInstanceOf(BadInput.class);
    }

    @ParameterizedTest
    @CsvSource({"0,150,103", "100,90,95", "100,150,99", "100,150,151", "100,500,103", "NaN,1,1", "100,NaN,100"})
    void a_stretch_that_makes_no_sense_is_refused(double rest, double stretched, double after) {
        assertThatThrownBy(() -> Stretch.measure(rest, stretched, after)).isInstanceOf(BadInput.class);
    }
}
