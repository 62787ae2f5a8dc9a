package belonax.balance;

/**
 * Where the two threads lock, and what is seen of it. The lock's depth through the cloth, from -1 at the underside to 1 on
 * top, is {@code z = tanh((ln(top pull / bobbin pull) - r) / w)}, with r the machine's own ratio and w growing with the
 * stack. Up to |z| = 0.55 it shows on neither face, and that is what balanced means; at |z| = 0.97 one thread lies in a line.
 * Source: docs/craft.md, "The stitch".
 */
public final class StitchModel {
    /** Lock depth up to which neither face shows the other thread. */
    public static final double HIDDEN_Z = 0.55;
    /** Lock depth from which one thread lies in a line and the other loops over it. */
    public static final double LINE_Z = 0.97;
    /** How far from balance, in units of w, a lock is still hidden: the inverse hyperbolic tangent of 0.55. */
    static final double HIDDEN = atanh(HIDDEN_Z);

    static final double LINE = atanh(LINE_Z);

    private StitchModel() {}

    /**
     * Returns the depth of the lock, -1 to 1.
     *
     * @param fromBalance logarithm of top over bobbin pull less the machine's own ratio, in units of w
     */
    public static double lockDepth(double fromBalance) {
        return Math.tanh(fromBalance);
    }

    /** Returns w for a stack of this thickness in millimetres: how far the pulls may differ. */
    public static double width(double stackMm) {
        return 0.3 * (1 + 0.35 * Math.min(12, stackMm));
    }

    /** Returns the step that shows at this lock depth to an eye that never errs. */
    public static int stepAt(double lockDepth) {
        int size = Math.abs(lockDepth) <= HIDDEN_Z ? 0 : Math.abs(lockDepth) <= LINE_Z ? 1 : 2;
        return lockDepth < 0 ? -size : size;
    }

    private static double atanh(double value) {
        return 0.5 * Math.log((1 + value) / (1 - value));
    }
}
