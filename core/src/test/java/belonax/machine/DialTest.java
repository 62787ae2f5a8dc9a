package belonax.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A tension dial: its range, its steps, its usual band; and the length that a foot makes of a stitch. */
class DialTest {
    @ParameterizedTest(name = "{0} to {1} by {2}, usually {3} to {4}: {5}")
    @CsvSource({
        "-1, 9,  0.25, 3,  5,  A dial runs from a low to a high number",
        "0,  21, 0.25, 3,  5,  A dial runs from a low to a high number",
        "9,  0,  0.25, 3,  5,  A dial runs from a low to a high number",
        "4,  4,  0.25, 4,  4,  A dial runs from a low to a high number",
        "0,  9,  0,    3,  5,  A dial's step is above 0",
        "0,  9,  9.5,  3,  5,  A dial's step is above 0",
        "0,  9,  0.25, -1, 5,  The usual band lies within the dial's range",
        "0,  9,  0.25, 3,  10, The usual band lies within the dial's range",
        "0,  9,  0.25, 5,  3,  The usual band lies within the dial's range"
    })
    void a_dial_that_cannot_be_is_refused(double min, double max, double step, double low, double high, String told) {
        assertThatThrownBy(() -> new Dial(DialKind.NUMBERED, min, max, step, low, high))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining(told);
    }

    @ParameterizedTest(name = "{0} is set to {1}")
    @CsvSource({"4.1, 4", "4.13, 4.25", "-2, 0", "12, 9", "8.99, 9", "3.375, 3.5"})
    void a_number_is_set_to_the_nearest_step_within_the_range(double wanted, double set) {
        assertThat(Dial.numbered().nearest(wanted)).isEqualTo(set);
    }

    @ParameterizedTest(name = "{0} in the band: {1}")
    @CsvSource({"2.99, false", "3, true", "5, true", "5.01, false"})
    void the_band_holds_its_ends(double at, boolean in) {
        assertThat(Dial.numbered().isInBand(at)).isEqualTo(in);
    }

    @Test
    void where_no_band_is_told_it_lies_from_a_third_to_five_ninths() {
        assertThat(Dial.of(DialKind.NUMBERED, 0, 9, 0.25)).isEqualTo(Dial.numbered());
        assertThat(Dial.of(DialKind.KNOB, 0, 18, 0.5))
                .returns(6.0, Dial::normalLow)
                .returns(10.0, Dial::normalHigh);
    }

    @ParameterizedTest(name = "from {0} to {1}: {2} to {3}")
    @CsvSource(
            nullValues = "-",
            value = {"-, -, 3, 5", "2, -, 2, 5", "6, -, 6, 6", "-, 4, 3, 4", "-, 2, 2, 2", "4, 7, 4, 7"})
    void one_end_of_the_band_that_is_told_moves_the_other_only_where_it_must(
            Double low, Double high, double from, double to) {
        Dial dial = Dial.numbered().withBand(low, high);

        assertThat(dial.normalLow()).isEqualTo(from);
        assertThat(dial.normalHigh()).isEqualTo(to);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.1, 9.1, 100})
    void what_it_does_not_reach_is_refused_with_its_range(double at) {
        assertThatThrownBy(() -> Dial.numbered().check(at))
                .isInstanceOf(BadInput.class)
                .hasMessage("That dial does not go there: it runs from 0 to 9. Read it off the machine.");
    }

    @Test
    void a_knob_is_told_in_turns_and_balances_about_its_middle() {
        Dial knob = Dial.knob(5);

        assertThat(knob.normalLow()).isEqualTo(2);
        assertThat(knob.normalHigh()).isEqualTo(3);
        assertThat(knob.usualSetting()).isEqualTo(2.5);
        assertThat(Dial.numbered().usualSetting()).isEqualTo(4);
    }

    @ParameterizedTest(name = "ten stitches of {0} mm measure {1} mm: for 2.5 set {2}, and 3 sews {3}")
    @CsvSource({
        "2.5, 25,   2.5, 3,    false",
        "2.5, 22.5, 2.8, 2.7,  true",
        "2.5, 20,   3.1, 2.4,  true",
        "3,   31,   2.4, 3.1,  false",
        "4,   60,   1.7, 4.5,  true"
    })
    void ten_stitches_tell_what_a_foot_makes_of_a_length(
            double setMm, double tenMm, double forTwoAndAHalf, double threeSews, boolean matters) {
        FootLength length = FootLength.measured("walking foot", setMm, tenMm);

        assertThat(length.toSet(2.5)).isEqualTo(forTwoAndAHalf);
        assertThat(length.sews(3)).isEqualTo(threeSews);
        assertThat(length.matters()).isEqualTo(matters);
    }

    @ParameterizedTest(name = "{0} mm set, {1} mm measured")
    @CsvSource({"0, 25", "8.1, 25", "2.5, 4.9", "2.5, 50.1", "-1, 25"})
    void stitches_that_cannot_be_are_refused(double setMm, double tenMm) {
        assertThatThrownBy(() -> FootLength.measured("standard foot", setMm, tenMm))
                .isInstanceOf(BadInput.class)
                .hasMessageEndingWith(
                        setMm > 0 && setMm <= 8 ? "from the first hole to the eleventh." : "Read it off the machine.");
    }

    /** A name that speaks of two kinds is taken for the one that stands first among them; straight stitch comes last. */
    @ParameterizedTest(name = "{0} is a {1}")
    @CsvSource({
        "Straight stitch foot 5.5 mm, STRAIGHT",
        "Zigzag foot,                 STANDARD",
        "Quarter inch with a guide,   QUARTER_INCH",
        "Stitch in the ditch,         EDGE",
        "Satin foot,                  OPEN_TOE",
        "Invisible zip foot,          ZIPPER",
        "Ruffler,                     GATHERING",
        "Even feed,                   WALKING",
        "Glide plate foot,            NON_STICK",
        "Hopping foot,                DARNING",
        "Braid foot,                  COUCHING",
        "Overcast foot G,             OVERLOCK"
    })
    void a_foot_is_known_by_what_it_is_called(String name, FootKind kind) {
        assertThat(FootKind.guess(name)).contains(kind);
    }

    @Test
    void a_name_that_tells_nothing_is_no_kind() {
        assertThat(FootKind.guess("the one with the blue dot")).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"clear plastic, PLASTIC", "Metal with holes, METAL", "old steel one, METAL", "wooden, "})
    void a_bobbins_material_is_read_from_its_words(String words, BobbinMaterial material) {
        assertThat(BobbinMaterial.in(words).orElse(null)).isEqualTo(material);
    }
}
