package belonax.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.thread.SewingThread;
import org.junit.jupiter.api.Test;

/** Worked by hand: 320 stitches a minute, a tenth of waste. */
class ThreadUseTest {
    private static final Stack POPLIN = Stack.of(ClothCatalogue.standard().get("poplin"), 2);

    private static ThreadUse use(Purpose purpose, double widthMm) {
        return ThreadUse.of(Job.sewing(POPLIN, SewingThread.spunPolyester(25))
                .purpose(purpose)
                .stitchWidthMm(widthMm)
                .build());
    }

    @Test
    void a_straight_stitch_takes_its_length_and_the_stack_once_from_each_thread() {
        ThreadUse seam = use(Purpose.SEAM, 0);

        assertThat(seam.topMm()).isCloseTo(2 + POPLIN.heightMm(), within(0.01));
        assertThat(seam.belowMm()).isEqualTo(seam.topMm());
        assertThat(seam.topMetres(10)).isCloseTo(10 * 320 * seam.topMm() * 1.1 / 1000, within(1e-9));
    }

    @Test
    void a_zigzag_runs_along_its_slant() {
        assertThat(use(Purpose.SEAM, 4).topMm()).isCloseTo(Math.hypot(2, 4) + POPLIN.heightMm(), within(0.01));
    }
}
