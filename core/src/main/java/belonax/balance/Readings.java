package belonax.balance;

import java.util.Set;
import java.util.stream.DoubleStream;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How likely a strip is read as it was, over its distance from balance. It says "at least so tight", or so loose: whether it
 * was dots or a line is told apart on one side only, so that no reading that says "too tight" can ever speak for a higher dial.
 * One strip in about forty is misread altogether, so that none rules a dial out. Worked out once for each reader, because a
 * search asks for it a hundred thousand times. Source: docs/craft.md, "The stitch".
 */
final class Readings {
    /** The farthest from balance, in units of w, that makes any difference to what is seen. */
    static final double FAR = 6;
    /** How finely the distance is told apart. */
    static final double FINENESS = 0.02;
    /** How many distances are told apart, from -FAR to FAR. */
    static final int POINTS = (int) Math.round(2 * FAR / FINENESS) + 1;

    /** Of all readings so many come of anything at all: faces swapped, a thread caught. */
    private static final double ALTOGETHER = 0.03;
    /** A strip is no dial: along one seam the lock wanders by about so much, in units of w. */
    private static final double WANDER = 0.16;
    /** Clean faces that are drawn up, or at which the top thread broke, say a little that the top pulls too hard. */
    private static final double STRAINED = 0.65;
    /** Pulled tight underneath with a clean top means too loose to the one school, too tight to the other: ours is the first. */
    private static final double TIGHT_IS_LOOSE = 0.65;

    private static final int STEPS = 5;
    private static final double[][] SHOWN = shown();
    private static final double[] SAYS_NOTHING =
            DoubleStream.generate(() -> 1).limit(POINTS).toArray();

    private final double[] farTooLoose;
    private final double[] tooLoose;
    private final double[] clean;
    private final double[] tooTight;
    private final double[] farTooTight;
    private final double[] strained;
    private final double[] pulledTight;

    Readings(Reader reader) {
        this.farTooLoose = chances(reader, Reading.FAR_TOO_LOOSE);
        this.tooLoose = chances(reader, Reading.TOO_LOOSE);
        this.clean = chances(reader, Set.of(Reading.CLEAN));
        this.tooTight = chances(reader, Reading.TOO_TIGHT);
        this.farTooTight = chances(reader, Reading.FAR_TOO_TIGHT);
        this.strained = mix(1 - STRAINED, clean, STRAINED, tooTight);
        this.pulledTight = mix(TIGHT_IS_LOOSE, tooLoose, 1 - TIGHT_IS_LOOSE, tooTight);
    }

    /** Returns the chances to read a strip as it was read, over its distance from balance; never to be written to. */
    double[] of(Strip strip) {
        // What comes and goes, and faces that contradict each other, count half.
        double[] chances = whole(strip);
        return strip.isErratic() || strip.isFuzzy() || strip.isLineOnBothFaces() ? roots(chances) : chances;
    }

    private double[] whole(Strip strip) {
        if (strip.isBobbinTooStrong()) {
            return SAYS_NOTHING; // It tells of the bobbin, not of the dial.
        }
        if (strip.isDrawnUp() && strip.top() == TopFace.DRAWN_UP || strip.isLineOnBothFaces()) {
            return tooTight;
        }
        if (strip.isPulledTight()) {
            return pulledTight;
        }
        boolean isStrained = strip.isClean()
                && (strip.also().contains(StripObservation.PUCKER)
                        || strip.also().contains(StripObservation.TOP_BROKE));
        return isStrained ? strained : ofStep(strip.step());
    }

    private double[] ofStep(int step) {
        return switch (step) {
            case -2 -> farTooLoose;
            case -1 -> tooLoose;
            case 1 -> tooTight;
            case 2 -> farTooTight;
            default -> clean;
        };
    }

    private static double[] chances(Reader reader, Set<Reading> seen) {
        double anything = ALTOGETHER * seen.size() / Reading.values().length;
        double[] ofSteps = {
            (reader.chance(Reading.LOOPS, seen) + reader.chance(Reading.LINE, seen)) / 2,
            reader.chance(Reading.DOTS, seen),
            reader.chance(Reading.CLEAN, seen),
            reader.chance(Reading.TOP_DOTS, seen),
            reader.chance(Reading.TOP_LINE, seen)
        };
        double[] chances = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            double chance = 0;
            for (int step = 0; step < STEPS; step++) {
                chance += SHOWN[step][i] * ofSteps[step];
            }
            chances[i] = (1 - ALTOGETHER) * chance + anything;
        }
        return chances;
    }

    private static double[] mix(double weight, double[] one, double otherWeight, double[] other) {
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

    /** Returns for each step from -2 to 2 the chance that it shows, whatever is read, over the distance from balance. */
    private static double[][] shown() {
        double[] edges = {-StitchModel.LINE, -StitchModel.HIDDEN, StitchModel.HIDDEN, StitchModel.LINE};
        NormalDistribution wander = NormalDistribution.of(0, WANDER);
        double[][] shown = new double[STEPS][POINTS];
        for (int i = 0; i < POINTS; i++) {
            double fromBalance = -FAR + i * FINENESS;
            double before = 0;
            for (int edge = 0; edge < edges.length; edge++) {
                double upTo = wander.cumulativeProbability(edges[edge] - fromBalance);
                shown[edge][i] = upTo - before;
                before = upTo;
            }
            shown[STEPS - 1][i] = wander.survivalProbability(StitchModel.LINE - fromBalance);
        }
        return shown;
    }
}
