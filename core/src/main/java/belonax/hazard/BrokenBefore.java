package belonax.hazard;

import belonax.needle.Needle;

/**
 * A needle that broke on the very cloth and machine that are asked about.
 *
 * @param layers layers under the foot when it broke, at least 1
 */
public record BrokenBefore(Needle needle, int layers) {
    /** Tells whether it speaks against a needle: one of the same point, no thicker, in as many layers or more. */
    boolean tellsOf(Needle other, int otherLayers) {
        return other.point() == needle.point() && other.size().compareTo(needle.size()) <= 0 && otherLayers >= layers;
    }
}
