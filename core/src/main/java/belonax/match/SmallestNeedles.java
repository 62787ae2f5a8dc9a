package belonax.match;

import belonax.hazard.ThreadWindow;
import belonax.needle.Eye;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.Optional;

/**
 * The smallest needle that a thread goes through in comfort, for each kind of eye. Source: docs/craft.md, "The thread's
 * window".
 */
public final class SmallestNeedles {
    private static final List<Eye> EYES = List.of(Eye.STANDARD, Eye.POLISHED, Eye.LONG);

    private SmallestNeedles() {}

    /**
     * One kind of eye.
     *
     * @param words which needles have it
     * @param size the smallest that is made and lets the thread run freely; empty where none does
     */
    public record OfEye(String words, Eye eye, Optional<NeedleSize> size) {}

    /** Returns the smallest needle for each kind of eye, the ordinary one first. */
    public static List<OfEye> of(SewingThread thread, NeedleRange range) {
        return EYES.stream()
                .map(eye -> new OfEye(eye.words(), eye, smallest(thread, eye, range)))
                .toList();
    }

    private static Optional<NeedleSize> smallest(SewingThread thread, Eye eye, NeedleRange range) {
        double least = ThreadWindow.of(thread, eye.widthShare()).minNm();
        return range.of(NeedleSystem.H_130_705).stream()
                .filter(needle ->
                        needle.type().eye().equals(eye) && !needle.type().isMultiple())
                .map(needle -> needle.size())
                .filter(size -> size.nm() >= least)
                .min(NeedleSize::compareTo);
    }
}
