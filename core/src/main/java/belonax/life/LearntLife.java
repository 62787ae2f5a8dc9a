package belonax.life;

import belonax.needle.NeedleInUse;
import java.util.List;
import org.apache.commons.statistics.distribution.GammaDistribution;

/**
 * How long needles really last here: it begins with the guide (one in five fails by {@link NeedleInUse#WORN_HOURS}) and
 * moves with the log. Lives
 * follow a Weibull law of shape 2, wearing out rather than failing by chance, with an unknown rate: S(t) = exp(-rate x t²).
 * The rate's belief is a gamma distribution, which a failure at t moves by one failure and t², a life that ended sound by t²
 * alone. Four failures' worth of guide at the start keep small numbers from shouting. Source: docs/craft.md, "Learnt lives".
 */
public final class LearntLife {
    /** Wear-out: the hazard grows in proportion to the hours. */
    static final double SHAPE = 2;
    /** How many failures the guide is worth. */
    static final double GUIDE_FAILURES = 4;
    /** A needle is retired when so many of its like have failed. */
    static final double ONE_IN_FIVE = 0.2;
    /** Other cloths' lives of the same needle count a quarter. */
    static final double NEIGHBOUR_WEIGHT = 0.25;

    private static final int SPOKEN_OF_FROM = 3;

    private final double failures;
    private final double exposure;
    private final int seen;

    private LearntLife(double failures, double exposure, int seen) {
        this.failures = failures;
        this.exposure = exposure;
        this.seen = seen;
    }

    /** Returns what the guide says, before anything was seen. */
    public static LearntLife guide() {
        double rate = -Math.log(1 - ONE_IN_FIVE) / Math.pow(NeedleInUse.WORN_HOURS, SHAPE);
        return new LearntLife(GUIDE_FAILURES, GUIDE_FAILURES / rate, 0);
    }

    /**
     * Learns.
     *
     * @param same lives of this kind of needle on this kind of cloth
     * @param neighbours lives of this kind of needle on other cloths, which count less
     */
    public LearntLife with(List<ObservedLife> same, List<ObservedLife> neighbours) {
        return weighed(same, 1, (int) same.stream().filter(ObservedLife::failed).count())
                .weighed(neighbours, NEIGHBOUR_WEIGHT, 0);
    }

    /** Returns the share expected to survive so many hours. */
    public double survival(double hours) {
        return Math.pow(exposure / (exposure + Math.pow(hours, SHAPE)), failures);
    }

    /**
     * Returns a bound of the share that survives so many hours.
     *
     * @param probability 0.1 for the lower end of the middle four fifths, 0.9 for its upper end
     */
    public double survivalBound(double hours, double probability) {
        double rate = GammaDistribution.of(failures, 1 / exposure).inverseSurvivalProbability(probability);
        return Math.exp(-rate * Math.pow(hours, SHAPE));
    }

    /** Returns the hours by which one in five is expected to have failed. */
    public double hoursOneInFive() {
        return Math.pow(exposure * (Math.pow(1 - ONE_IN_FIVE, -1 / failures) - 1), 1 / SHAPE);
    }

    /** Returns the hours by which one in five has failed, at this bound of the belief. */
    public double hoursOneInFiveBound(double probability) {
        double rate = GammaDistribution.of(failures, 1 / exposure).inverseSurvivalProbability(probability);
        return Math.pow(-Math.log(1 - ONE_IN_FIVE) / rate, 1 / SHAPE);
    }

    /** Tells whether enough was seen here to speak of it: three failures. */
    public boolean hasLearnt() {
        return seen >= SPOKEN_OF_FROM;
    }

    /** Returns how many failures were seen here. */
    public int failuresSeen() {
        return seen;
    }

    private LearntLife weighed(List<ObservedLife> lives, double weight, int newlySeen) {
        double moreFailures = 0;
        double moreExposure = 0;
        for (ObservedLife observedLife : lives) {
            moreFailures += observedLife.failed() ? weight : 0;
            moreExposure += weight * Math.pow(observedLife.hours(), SHAPE);
        }
        return new LearntLife(failures + moreFailures, exposure + moreExposure, seen + newlySeen);
    }
}
