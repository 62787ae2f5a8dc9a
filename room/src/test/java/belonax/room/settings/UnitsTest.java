package belonax.room.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UnitsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A swatch of 35 × 35 cm would settle it.          | A swatch of 13.8 × 13.8 in would settle it.
            The widest safe stitch is 2.2 mm.                | The widest safe stitch is 0.087 in.
            thick cloth wants 3 to 4 mm                      | thick cloth wants 0.12 to 0.16 in
            80 g/m² of it is counted in.                     | 2.4 oz/yd² of it is counted in.
            200 m of it weigh 4 g                            | 219 yd of it weigh 4 g
            Take a 90/14 and 40 wt; tex 25; 130/705 H        | Take a 90/14 and 40 wt; tex 25; 130/705 H
            """)
    void the_core_speaks_in_the_chosen_units(String metric, String imperial) {
        assertThat(Units.IMPERIAL.say(metric)).isEqualTo(imperial);
        assertThat(Units.METRIC.say(metric)).isEqualTo(metric);
    }

    @ParameterizedTest
    @ValueSource(doubles = {18, 75, 145, 420, 1300})
    void what_is_shown_can_be_typed_again(double gsm) {
        for (Units units : Units.values()) {
            assertThat(units.toGsm(Double.parseDouble(units.weightNumber(gsm)))).isCloseTo(gsm, within(2.0));
            assertThat(units.toMm(Double.parseDouble(units.mmNumber(gsm / 100))))
                    .isCloseTo(gsm / 100, within(0.06));
        }
    }

    @Test
    void one_ounce_a_square_yard_is_33_906_grams_a_square_metre() {
        assertThat(Units.IMPERIAL.toGsm(1)).isEqualTo(33.906);
        assertThat(Units.IMPERIAL.weight(33.906)).isEqualTo("1 oz/yd²");
    }

    @ParameterizedTest(name = "{0} mm: {1}, {2}")
    @CsvSource({
        "2.5, 2.5 mm, 10 stitches per inch (2.5)",
        "3, 3 mm, 8 stitches per inch (3)",
        "1.5, 1.5 mm, 17 stitches per inch (1.5)"
    })
    void a_stitch_is_told_by_its_length_or_by_how_many_an_inch_has(double mm, String metric, String imperial) {
        assertThat(Units.METRIC.stitch(mm)).isEqualTo(metric);
        assertThat(Units.IMPERIAL.stitch(mm)).isEqualTo(imperial);
    }

    @ParameterizedTest(name = "{0} m are {1} or {2}")
    @CsvSource({"200, 200 m, 219 yd", "4.5, 4.5 m, 4.9 yd", "0, 0 m, 0 yd", "1000, 1000 m, 1094 yd"})
    void long_lengths_are_told_in_metres_or_yards(double metres, String metric, String imperial) {
        assertThat(Units.METRIC.metres(metres)).isEqualTo(metric);
        assertThat(Units.IMPERIAL.metres(metres)).isEqualTo(imperial);
    }

    @Test
    void what_is_typed_in_inches_yards_and_ounces_is_kept_in_metric() {
        assertThat(Units.IMPERIAL.toMm(1)).isEqualTo(25.4);
        assertThat(Units.IMPERIAL.toCm(4)).isCloseTo(10.16, within(1e-9));
        assertThat(Units.IMPERIAL.toMetres(10)).isCloseTo(9.144, within(1e-9));
        assertThat(Units.IMPERIAL.toGrams(2)).isCloseTo(56.699, within(1e-9));
        assertThat(Units.IMPERIAL.gramsNumber(28.3495)).isEqualTo("1");
        for (Units units : Units.values()) {
            assertThat(units.words()).contains(units.weightUnit());
            assertThat(units.swatchUnit() + units.longUnit() + units.scaleUnit() + units.shortUnit())
                    .doesNotContain(" ");
        }
    }
}
