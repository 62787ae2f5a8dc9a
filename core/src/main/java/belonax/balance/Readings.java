package belonax.balance;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How likely a strip is read as it was, over its distance from balance. It says "at least so tight", or so loose: whether it
 * was dots or a line is told apart on one side only, so that no reading that says "too tight" can ever speak for a higher dial.
 * One strip in twelve is misread by one step. Worked out once, because a search asks for it a hundred thousand times.
 * Source: docs/craft.md, "The stitch".
 */
final class Readings {
    /** The farthest from balance, in units of w, that makes any difference to what is seen. */
    static final double FAR = 6;
    /** How finely the distance is told apart. */
    static final double FINENESS = 0.02;
    /** How many distances are told apart, from -FAR to FAR. */
    static final int POINTS = (int) Math.round(2 * FAR / FINENESS) + 1;

    private static final double MISREAD = 1.0 / 12;
    /** A strip is no dial: along one seam the lock wanders by about so much, in units of w. */
    private static final double WANDER = 0.16;

    private static final int STEPS = 5;
    /** For each step from -2 to 2 the chance to read it, over the distance from balance. */
    private static final double[][] CHANCE = chances();
    /** Clean faces that are drawn up, or at which the top thread broke, say a little that the top pulls too hard. */
    private static final double[] STRAINED = sum(0.35, CHANCE[2], 0.65, atLeast(1));

    private static final double[][] AT_LEAST = {atLeast(-2), atLeast(-1), CHANCE[2], atLeast(1), atLeast(2)};

    private Readings() {}

    /** Returns the chances to read a strip as it was read, over its distance from balance; never to be written to. */
    static double[] of(Strip strip) {
        if (strip.top() == TopFace.DRAWN_UP && !strip.isFuzzy()) {
            return AT_LEAST[3];
        }
        boolean strained = strip.isClean()
                && (strip.also().contains(Also.PUCKER) || strip.also().contains(Also.TOP_BROKE));
        double[] chances = strained ? STRAINED : AT_LEAST[strip.step() + 2];
        // What comes and goes, and faces that contradict each other, count half.
        return strip.isErratic() || strip.isFuzzy() ? roots(chances) : chances;
    }

    private static double[] atLeast(int step) {
        return switch (step) {
            case 1 -> sum(1, CHANCE[3], 1, CHANCE[4]);
            case -1 -> sum(1, CHANCE[1], 1, CHANCE[0]);
            default -> CHANCE[step + 2];
        };
    }

    private static double[] sum(double weight, double[] one, double otherWeight, double[] other) {
        double[] sum = new double[one.length];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = weight * one[i] + otherWeight * other[i];
        }
        return sum;
    }

    private static double[] roots(double[] chances) {
        double[] roots = new double[chances.length];
        for (int i = 0; i < roots.length; i++) {
            roots[i] = Math.sqrt(chances[i]);
        }
        return roots;
    }

    private static double[][] chances() {
        double[][] chance = new double[STEPS][POINTS];
        NormalDistribution wander = NormalDistribution.of(0, WANDER);
        for (int i = 0; i < POINTS; i++) {
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
        double[] edges = {-StitchModel.LINE, -StitchModel.HIDDEN, StitchModel.HIDDEN, StitchModel.LINE};
        double[] shown = new double[STEPS];
        double before = 0;
        for (int i = 0; i < edges.length; i++) {
            double upTo = wander.cumulativeProbability(edges[i] - fromBalance);
            shown[i] = upTo - before;
            before = upTo;
        }
        shown[STEPS - 1] = wander.survivalProbability(StitchModel.LINE - fromBalance);
        return shown;
    }
}
