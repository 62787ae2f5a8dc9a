package belonax.match;

import belonax.hazard.ThreadWindow;
import belonax.needle.Eye;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The smallest needle that a thread goes through in comfort, for each kind of eye. Source: docs/craft.md, "The thread's
 * window".
 */
public final class SmallestNeedles {
    /** One needle of each kind of eye, the ordinary first. */
    private static final List<NeedleType> EYES =
            List.of(NeedleType.UNIVERSAL, NeedleType.EMBROIDERY, NeedleType.TOPSTITCH);

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
        Map<NeedleType, String> words = new LinkedHashMap<>();
        words.put(NeedleType.UNIVERSAL, "ordinary eye");
        words.put(NeedleType.EMBROIDERY, "polished eye, embroidery or metallic");
        words.put(NeedleType.TOPSTITCH, "long eye, topstitch");
        return EYES.stream()
                .map(it -> new OfEye(words.getOrDefault(it, ""), it.eye(), smallest(thread, it, range)))
                .toList();
    }

    private static Optional<NeedleSize> smallest(SewingThread thread, NeedleType type, NeedleRange range) {
        double least = ThreadWindow.of(thread, type.eye().widthShare()).minNm();
        return range.of(NeedleSystem.H_130_705).stream()
                .filter(it -> it.type().eye().equals(type.eye()) && !it.type().isMultiple())
                .map(it -> it.size())
                .filter(it -> it.nm() >= least)
                .min(NeedleSize::compareTo);
    }
}
