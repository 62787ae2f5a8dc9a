package belonax.balance;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Where the two threads lock, and what is seen of it. The lock's depth through the cloth, from -1 at the underside to 1 on
 * top, is {@code z = tanh((ln(top pull / bobbin pull) - r) / w)}, with r the machine's own ratio and w growing with the
 * stack. Up to |z| = 0.55 it shows on neither face, and that is what balanced means; at |z| = 0.97 one thread lies in a line.
 * One strip in twelve is misread by one step. Source: docs/craft.md, "The stitch".
 */
public final class StitchModel {
    /** Lock depth up to which neither face shows the other thread. */
    public static final double HIDDEN_Z = 0.55;
    /** Lock depth from which one thread lies in a line and the other loops over it. */
    public static final double LINE_Z = 0.97;
    /** How far from balance, in units of w, a lock is still hidden: the inverse hyperbolic tangent of 0.55. */
    static final double HIDDEN = atanh(HIDDEN_Z);

    private static final double LINE = atanh(LINE_Z);
    private static final double MISREAD = 1.0 / 12;
    /** A strip is no dial: along one seam the lock wanders by about so much, in units of w. */
    private static final double WANDER = 0.16;
    /** The farthest from balance that makes any difference to what is seen. */
    private static final double FAR = 6;

    private static final double FINENESS = 0.02;
    private static final int STEPS = 5;

    /** For each step from -2 to 2 the chance to read it, over the distance from balance. */
    private static final double[][] CHANCE = chances();

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

    /**
     * Returns the chance that a strip so far from balance is read as this step, -2 to 2, or as one further out on its side; 0
     * stands for itself.
     */
    static double chanceToReadAtLeast(int step, double fromBalance) {
        int at = (int) Math.round((Math.max(-FAR, Math.min(FAR, fromBalance)) + FAR) / FINENESS);
        return switch (step) {
            case 1 -> CHANCE[3][at] + CHANCE[4][at];
            case -1 -> CHANCE[1][at] + CHANCE[0][at];
            default -> CHANCE[step + 2][at];
        };
    }

    /** Returns the step that shows at this lock depth to an eye that never errs. */
    public static int stepAt(double lockDepth) {
        int size = Math.abs(lockDepth) <= HIDDEN_Z ? 0 : Math.abs(lockDepth) <= LINE_Z ? 1 : 2;
        return lockDepth < 0 ? -size : size;
    }

    private static double[][] chances() {
        int points = (int) Math.round(2 * FAR / FINENESS) + 1;
        double[][] chance = new double[STEPS][points];
        NormalDistribution wander = NormalDistribution.of(0, WANDER);
        for (int i = 0; i < points; i++) {
            double[] shown = shown(wander, -FAR + i * FINENESS);
            for (int step = 0; step < STEPS; step++) {
                double below = step > 0 ? shown[step - 1] * (step == 1 ? MISREAD : MISREAD / 2) : 0;
                double above = step < STEPS - 1 ? shown[step + 1] * (step == STEPS - 2 ? MISREAD : MISREAD / 2) : 0;
                chance[step][i] = shown[step] * (1 - MISREAD) + below + above;
            }
        }
        return chance;
    }

    /** Returns the chance of each step to show, whatever is read. */
    private static double[] shown(NormalDistribution wander, double fromBalance) {
        double[] edges = {-LINE, -HIDDEN, HIDDEN, LINE};
        double[] shown = new double[STEPS];
        double before = 0;
        for (int i = 0; i < edges.length; i++) {
            double upTo = wander.cumulativeProbability(edges[i] - fromBalance);
            shown[i] = upTo - before;
            before = upTo;
        }
        shown[STEPS - 1] = wander.survivalProbability(LINE - fromBalance);
        return shown;
    }

    private static double atanh(double value) {
        return 0.5 * Math.log((1 + value) / (1 - value));
    }
}
