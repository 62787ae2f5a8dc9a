package belonax.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How far thread, stack and stitch move the place where a dial is expected to balance. */
class DialGuideTest {
    @ParameterizedTest(name = "tex {0}, {1} mm, {2} mm wide: {3} numbers")
    @CsvSource({
        "25,   0.7, 0,  0",
        "50,   0.7, 0, -0.7",
        "12.5, 0.7, 0,  0.7",
        "100,  0.7, 0, -1.4",
        "25,   1.7, 0, -0.3",
        "25,   8,   0, -2.19",
        "25,   14,  0, -2.19",
        "25,   0.7, 4, -0.6",
        "50,   2.7, 2, -1.6"
    })
    void it_moves_by_what_is_sewn(double tex, double stackMm, double widthMm, double moved) {
        assertThat(DialGuide.moved(SewingThread.spunPolyester(tex), stackMm, widthMm))
                .isCloseTo(moved, within(1e-9));
    }

    @ParameterizedTest(name = "{0} {1}: {2} numbers")
    @CsvSource({
        "POLYESTER, SPUN,          0",
        "COTTON,    SPUN,          0",
        "POLYESTER, FILAMENT,     -0.5",
        "RAYON,     FILAMENT,     -0.5",
        "NYLON,     MONOFILAMENT, -1",
        "METALLIC,  METALLIC,     -1.5",
        "POLYESTER, METALLIC,     -1.5"
    })
    void it_moves_by_what_the_thread_is_made_of(Fibre fibre, Build build, double moved) {
        SewingThread thread = new SewingThread(new Tex(25), fibre, build, OptionalDouble.empty(), Quality.GOOD, false);

        assertThat(DialGuide.ofThread(thread)).isEqualTo(moved);
    }

    @Test
    void it_counts_in_numbers_of_the_machines_own_dial_around_its_own_band() {
        Dial knob = Dial.knob(5);

        assertThat(DialGuide.number(knob)).isCloseTo((knob.max() - knob.min()) / 9, within(1e-9));
        assertThat(DialGuide.usual(knob)).isBetween(knob.normalLow(), knob.normalHigh());
        assertThat(DialGuide.number(Dial.numbered())).isEqualTo(1);
        assertThat(DialGuide.usual(Dial.numbered())).isEqualTo(4);
    }
}
