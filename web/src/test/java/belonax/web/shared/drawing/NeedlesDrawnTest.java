package belonax.web.shared.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.needle.Needle;
import belonax.needle.NeedleOutline.Slot;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Needles are drawn to scale, alone and several on one shank. */
class NeedlesDrawnTest {
    private static Needle needle(NeedleType type, double spacingMm) {
        return Needle.of(
                NeedleSystem.H_130_705,
                type,
                75,
                spacingMm > 0 ? Optional.of(spacingMm) : Optional.empty(),
                Optional.of(NeedleType.UNIVERSAL));
    }

    @ParameterizedTest
    @EnumSource(
            value = NeedleType.class,
            names = {"UNIVERSAL", "STRETCH", "JEANS", "LEATHER", "TOPSTITCH"})
    void a_needle_looks_always_alike_and_shows_one_eye_and_one_groove(NeedleType type) {
        Needle needle = Needle.of(NeedleSystem.H_130_705, type, NeedleSize.NM_90);

        NeedlePortrait portrait = NeedlePortrait.of(needle);

        assertThat(NeedlePortrait.of(needle)).isEqualTo(portrait);
        assertThat(portrait.fronts()).hasSize(1);
        assertThat(portrait.eyes()).as("one eye").containsOnlyOnce("M");
        assertThat(portrait.grooves()).as("one groove").containsOnlyOnce("M");
        assertThat(portrait.pointBox()).startsWith("0 37.0 ");
    }

    @Test
    void a_twin_is_wider_by_its_spacing_and_shows_two_eyes_so_far_apart() {
        NeedlePortrait single = NeedlePortrait.of(needle(NeedleType.UNIVERSAL, 0));
        NeedlePortrait twin = NeedlePortrait.of(needle(NeedleType.TWIN, 4));

        assertThat(twin.widthPx() - single.widthPx()).isEqualTo(4 * 20);
        assertThat(starts(twin.eyes())).hasSize(2);
        assertThat(starts(twin.eyes()).get(1) - starts(twin.eyes()).get(0)).isCloseTo(4, within(1e-9));
        assertThat(twin.smallWidthPx()).isGreaterThan(single.smallWidthPx());
        assertThat(twin.smallHeightPx()).isEqualTo(single.smallHeightPx());
    }

    @Test
    void a_whole_needle_lies_with_its_butt_at_the_left_and_room_above_for_its_marks() {
        WholeNeedle whole = WholeNeedle.of(needle(NeedleType.TWIN, 4));

        assertThat(whole.viewBoxWithMarks()).isEqualTo("-0.5 -2.6 47 " + format(whole.heightMm() + 3.4));
        assertThat(whole.marksEndMm()).isLessThan(whole.frontYMm());
        assertThat(starts(whole.eyes())).as("both as far along").hasSize(2).allMatch(value -> value > whole.eyeTopMm());
        assertThat(whole.tipMm()).isGreaterThan(whole.eyeTopMm());
    }

    @Test
    void the_ends_of_a_slot_are_round_by_half_its_narrower_side() {
        assertThat(new Slot(0, 0, 0.4, 2).roundMm()).isEqualTo(0.2);
        assertThat(new Slot(0, 0, 2, 0.4).roundMm()).isEqualTo(0.2);
    }

    /** Returns how far from the left each part of a path begins, in millimetres. */
    private static List<Double> starts(String path) {
        return Stream.of(path.split("M"))
                .skip(1)
                .map(text -> Double.valueOf(text.substring(0, text.indexOf(' '))))
                .toList();
    }

    private static String format(double mm) {
        return String.format(Locale.ROOT, "%.2f", mm);
    }
}
