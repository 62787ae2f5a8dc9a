package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.hazard.ThreadWindow;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.thread.SewingThread;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The smallest needle for a thread, by the kinds of eye. */
class SmallestNeedlesTest {
    private static List<SmallestNeedles.OfEye> of(double tex) {
        return SmallestNeedles.of(SewingThread.spunPolyester(tex), NeedleRange.standard());
    }

    @ParameterizedTest
    @ValueSource(doubles = {12, 16.7, 25, 40, 60, 80, 105})
    void a_thicker_thread_never_goes_through_a_smaller_needle_and_none_is_too_small_for_its_thread(double tex) {
        for (int eye = 0; eye < 3; eye++) {
            SmallestNeedles.OfEye ofEye = of(tex).get(eye);
            double least = ThreadWindow.of(
                            SewingThread.spunPolyester(tex), ofEye.eye().widthShare())
                    .minNm();

            assertThat(ofEye.size().stream()).allMatch(size -> size.nm() >= least);
            assertThat(nm(of(tex * 1.5).get(eye))).isGreaterThanOrEqualTo(nm(ofEye));
        }
    }

    @Test
    void all_purpose_polyester_runs_freely_in_an_ordinary_seventy_five() {
        SmallestNeedles.OfEye ordinary = of(25).get(0);

        assertThat(ordinary.words()).isEqualTo("ordinary eye");
        assertThat(ordinary.size())
                .hasValueSatisfying(size -> assertThat(size.nm()).isBetween(70, 80));
    }

    @Test
    void a_rope_goes_through_no_ordinary_eye() {
        assertThat(of(210).get(0).size()).isEmpty();
    }

    private static int nm(SmallestNeedles.OfEye ofEye) {
        return ofEye.size().map(NeedleSize::nm).orElse(999);
    }
}
