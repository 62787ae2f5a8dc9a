package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.match.Clearance.Passage;
import belonax.needle.NeedleSize;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClearanceTest {
    @ParameterizedTest(name = "slot {0}, foot {1}, spacing {2}, {3}, off {4}, width {5}")
    @CsvSource({
        "7, , 3, 80, 0, , 2.2, , ",
        "7, , 3, 80, 0, 2.2, 2.2, true, ",
        "7, , 3, 80, 0, 2.5, 2.2, false, ",
        "9, 5, 0, 90, 0, 3, 3.1, true, ",
        "7, , 0, 80, 2, 1, 1.2, true, ",
        "7, , 0, 80, -2, 2, 1.2, false, ",
        "7, , 6, 100, 0, , 0, , needs a slot of 8.0 mm",
        "7, , 6, 100, 0, 0, 0, false, would strike",
        "5.5, , 4, 90, 0, , 0, , needs a slot of 5.9 mm",
        "5.9, , 4, 90, 0, 0, 0, true, A straight stitch just clears"
    })
    void the_widest_stitch_is_what_the_narrower_slot_leaves(
            double slot,
            @Nullable Double foot,
            double spacing,
            int nm,
            double off,
            @Nullable Double width,
            double widest,
            @Nullable Boolean clears,
            @Nullable String says) {
        Clearance clearance = Clearance.of(passage(slot, foot, spacing, nm, off, width));

        assertThat(clearance.maxStitchWidthMm()).isCloseTo(widest, within(1e-6));
        assertThat(clearance.clears().orElse(null)).isEqualTo(clears);
        assertThat(clearance.advice())
                .contains(says == null ? "turn the wheel by hand through one full pattern" : says);
    }

    @Test
    void a_wing_takes_the_room_of_its_flare() {
        Passage wing = new Passage(
                7, OptionalDouble.empty(), 0, NeedleSize.NM_100, 1, OptionalDouble.of(2.8), 0, OptionalDouble.empty());

        assertThat(Clearance.of(wing).maxStitchWidthMm()).isCloseTo(3.2, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0,3,80,0", "7,-1,80,0", "7,11,80,0", "7,3,80,9", "NaN,3,80,0", "7,NaN,80,0", "7,3,80,NaN"})
    void what_makes_no_sense_is_refused(double slot, double spacing, int nm, double off) {
        assertThatThrownBy(() -> passage(slot, null, spacing, nm, off, null)).isInstanceOf(BadInput.class);
    }

    private static Passage passage(
            double slot, @Nullable Double foot, double spacing, int nm, double off, @Nullable Double width) {
        return new Passage(
                slot,
                foot == null ? OptionalDouble.empty() : OptionalDouble.of(foot),
                spacing,
                NeedleSize.ofNm(nm),
                spacing > 0 ? 2 : 1,
                OptionalDouble.empty(),
                off,
                width == null ? OptionalDouble.empty() : OptionalDouble.of(width));
    }
}
