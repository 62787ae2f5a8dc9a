package belonax.room.event;

import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * What was sewn when something happened, all but the needle, as it is written down with the event.
 *
 * @param cloth the cloth's id, in the catalogue or the drawer
 * @param stackWords the cloths and their layers in words
 * @param stackMm thickness of all layers under the foot in millimetres
 * @param stitchWidthMm 0 for a straight stitch
 */
public record SetupKept(
        String cloth,
        String stackWords,
        int layers,
        double stackMm,
        double stitchWidthMm,
        ThreadKept top,
        @Nullable ThreadKept bobbin) {

    /** Returns the thread on the bobbin: the top's own where no other was said. */
    public SewingThread onTheBobbin() {
        return Objects.requireNonNullElse(bobbin, top).thread();
    }

    /** A thread as far as it matters later. */
    public record ThreadKept(double tex, Fibre fibre, Build build) {
        public static ThreadKept of(SewingThread thread) {
            return new ThreadKept(thread.tex().value(), thread.fibre(), thread.build());
        }

        public SewingThread thread() {
            return new SewingThread(new Tex(tex), fibre, build, OptionalDouble.empty(), Quality.GOOD, false);
        }
    }
}
