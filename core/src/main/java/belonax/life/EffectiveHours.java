package belonax.life;

import belonax.BadInput;
import java.util.Locale;

/**
 * What a piece of sewing costs a needle: minutes / 60 x factor of the work / life factor of the coating. An hour on denim
 * costs a plain needle 1.5 effective hours, a hard-coated one 1. Source: docs/craft.md, "Effective hours".
 *
 * @param minutes at the needle, above 0 and at most 1440
 * @param lifeFactor 1 for a plain needle, more for one that lasts longer
 */
public record EffectiveHours(double minutes, Wear wear, double lifeFactor) {
    /** What a hard coating counts until the log says otherwise. */
    public static final double COATED = 1.5;

    private static final double PLAIN = 1;

    public EffectiveHours {
        BadInput.unless(
                minutes > 0 && minutes <= 1440,
                "minutes",
                () -> "Type how many minutes the machine ran, above 0 and at most a day.");
        BadInput.unless(lifeFactor >= 0.2 && lifeFactor <= 5, "lifeFactor", () -> "A coating's factor is 0.2 to 5.");
    }

    /** Returns the cost of minutes at the needle. */
    public static EffectiveHours of(double minutes, Wear wear, boolean coated) {
        return new EffectiveHours(minutes, wear, coated ? COATED : PLAIN);
    }

    /**
     * Returns the minutes that a seam takes: length / stitch length / stitches per minute.
     *
     * @param metres seam length, above 0 and at most 10 000
     * @param stitchMm stitch length in millimetres, 0.2 to 12
     * @param stitchesPerMinute 20 to 2000
     */
    public static double minutesOfSeam(double metres, double stitchMm, double stitchesPerMinute) {
        BadInput.unless(
                metres > 0 && metres <= 10_000, "metres", () -> "Type the length of the seam in metres, above 0.");
        BadInput.unless(stitchMm >= 0.2 && stitchMm <= 12, "stitchMm", () -> "A stitch is 0.2 to 12 mm long.");
        checkSpeed(stitchesPerMinute);
        return metres * 1000 / stitchMm / stitchesPerMinute;
    }

    /** Returns the minutes that so many stitches take. */
    public static double minutesOfStitches(double stitches, double stitchesPerMinute) {
        BadInput.unless(
                stitches >= 1 && stitches <= 10_000_000, "stitches", () -> "Type the stitches counted, 1 or more.");
        checkSpeed(stitchesPerMinute);
        return stitches / stitchesPerMinute;
    }

    /** Returns the effective hours. */
    public double value() {
        return minutes / 60 * wear.factor() / lifeFactor;
    }

    /** Returns how it was worked out, such as {@code 40 min × 1.5 (denim and canvas) = 1.00 h}. */
    public String words() {
        String coating = lifeFactor == PLAIN ? "" : String.format(Locale.ROOT, " ÷ %.1f (hard coating)", lifeFactor);
        return String.format(
                Locale.ROOT, "%.0f min × %.1f (%s)%s = %.2f h", minutes, wear.factor(), wear.words(), coating, value());
    }

    private static void checkSpeed(double stitchesPerMinute) {
        BadInput.unless(
                stitchesPerMinute >= 20 && stitchesPerMinute <= 2000,
                "stitchesPerMinute",
                () -> "A home machine makes 20 to 2000 stitches a minute; 500 is usual.");
    }
}
