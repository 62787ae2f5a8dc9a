package belonax;

/** The scale on which what is known adds up: the logarithm of the odds of a chance. */
public final class LogOdds {
    private LogOdds() {}

    /** Returns the log-odds of a chance above 0 and below 1. */
    public static double of(double chance) {
        return Math.log(chance / (1 - chance));
    }

    /** Returns the chance, above 0 and below 1, that log-odds come to: their logistic. */
    public static double chance(double logOdds) {
        return 1 / (1 + Math.exp(-logOdds));
    }
}
