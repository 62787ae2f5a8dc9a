package belonax.web.shared.drawing;

import belonax.needle.Needle;
import belonax.needle.NeedleOutline;
import belonax.needle.NeedleOutline.Place;
import belonax.needle.NeedleOutline.Slot;
import java.util.List;
import java.util.Locale;

/**
 * A whole needle hanging in its clamp, in millimetres, its tip flattened as far as it is worn.
 *
 * @param worn the flattened tip; nothing on a new needle
 */
public record ClampedNeedle(String front, Slot eye, Slot groove, double tipMm, String worn) {
    /** How wide the flat of a point that is used up is drawn. */
    private static final double USED_UP_MM = 0.5;

    /** Draws a needle with this share of its life used. */
    public static ClampedNeedle of(Needle needle, double used) {
        NeedleOutline outline = NeedleOutline.of(needle);
        return new ClampedNeedle(
                path(outline.front()), outline.eye(), outline.groove(), outline.tipMm(), worn(outline.tipMm(), used));
    }

    private static String worn(double tipMm, double used) {
        double half = USED_UP_MM / 2 * Math.min(1.4, Math.max(0, used));
        return half < 0.02
                ? ""
                : String.format(
                        Locale.ROOT,
                        "M%.3f %.3fH%.3fL%.3f %.3fH%.3fZ",
                        -half,
                        tipMm - half * 0.6,
                        half,
                        half * 0.7,
                        tipMm,
                        -half * 0.7);
    }

    private static String path(List<Place> outline) {
        OutlinePath path = new OutlinePath();
        outline.forEach(place -> path.to(place.xMm(), place.yMm()));
        return path.closed();
    }
}
