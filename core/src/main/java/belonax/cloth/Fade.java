package belonax.cloth;

/**
 * How far a rule applies near a limit. No cloth changes its nature at a gram, so a rule fades in over a tenth on either side
 * of its limit, or over a wider stretch where its weight is large. Source: docs/craft.md, "No cliffs".
 */
public final class Fade {
    private static final double EITHER_SIDE = 0.1;

    private Fade() {}

    /** Returns 0 up to nine tenths of the limit, 1 from eleven tenths on, and in between by proportion. */
    public static double in(double value, double limit) {
        return between(value, (1 - EITHER_SIDE) * limit, (1 + EITHER_SIDE) * limit);
    }

    /** Returns the rest to 1 of {@link #in}. */
    public static double out(double value, double limit) {
        return 1 - in(value, limit);
    }

    /** Returns 0 up to {@code from}, 1 from {@code to} on, and in between by proportion. */
    public static double between(double value, double from, double to) {
        return Math.max(0, Math.min(1, (value - from) / (to - from)));
    }
}
