package belonax.hazard;

import belonax.LogOdds;

/**
 * Five chances, each 0 to 1. They are estimates to a few per cent, so doubles will do; two sets within 0.005 of each other
 * are the same to a sewist.
 */
public record Hazards(double skip, double shred, double breakage, double mark, double pucker) {
    /** Up to this chance a break weighs its ordinary severity. */
    private static final double BREAKS_NOW_AND_THEN = 0.01;
    /**
     * What every further chance to break weighs on top. Two needles of one verdict lie at most 0.45 of harm apart, so with this
     * one that breaks 3 in 100 never stands before one that breaks 1 in 100: 0.02 x 26 is 0.52. Source: docs/craft.md,
     * "Hazards".
     */
    private static final double BREAKS_OFTEN = 22;
    /** Beyond this it is out of the question anyway. */
    private static final double BREAKS_TOO_OFTEN = 0.05;

    /** From these log-odds on, about one in eleven, the estimates tell little more than “often”. */
    private static final double OFTEN = -2.3;

    private static final double BEYOND_OFTEN = 0.4;

    /**
     * Returns the chance that log-odds come to: their logistic, flattened beyond one in eleven, where rules that add up say
     * “often” rather than “how often”. Source: docs/craft.md, "Hazards".
     */
    static double chance(double logOdds) {
        double told = logOdds <= OFTEN ? logOdds : OFTEN + BEYOND_OFTEN * (logOdds - OFTEN);
        return LogOdds.chance(told);
    }

    /** Returns the log-odds that come to a chance. */
    static double logOdds(double chance) {
        double told = LogOdds.of(chance);
        return told <= OFTEN ? told : OFTEN + (told - OFTEN) / BEYOND_OFTEN;
    }

    public double of(Hazard hazard) {
        return switch (hazard) {
            case SKIP -> skip;
            case SHRED -> shred;
            case BREAK -> breakage;
            case MARK -> mark;
            case PUCKER -> pucker;
        };
    }

    /** Returns the sum of what each chance weighs: what needles are ranked by. */
    public double expectedHarm(Job job) {
        return harm(Hazard.SKIP, skip, job)
                + harm(Hazard.SHRED, shred, job)
                + harm(Hazard.BREAK, breakage, job)
                + harm(Hazard.MARK, mark, job)
                + harm(Hazard.PUCKER, pucker, job);
    }

    /** Returns chance x severity; a needle that breaks more than now and then weighs more steeply. */
    static double harm(Hazard hazard, double chance, Job job) {
        double ordinary = chance * hazard.severity(job);
        return hazard == Hazard.BREAK
                ? ordinary + BREAKS_OFTEN * Math.max(0, Math.min(BREAKS_TOO_OFTEN, chance) - BREAKS_NOW_AND_THEN)
                : ordinary;
    }
}
