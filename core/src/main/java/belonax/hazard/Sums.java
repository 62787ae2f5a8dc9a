package belonax.hazard;

import belonax.needle.NeedleInUse;

/** Log-odds of the five hazards as they add up, with the best verdict that is still allowed. */
final class Sums {
    private static final Hazard[] HAZARDS = Hazard.values();

    private final double[] logOdds = new double[HAZARDS.length];
    private Verdict limit = Verdict.GOOD;

    /** Returns the sums of an ordinary, well-matched set-up. */
    static Sums ordinary() {
        Sums sums = new Sums();
        for (Hazard hazard : HAZARDS) {
            sums.logOdds[hazard.ordinal()] = hazard.startingLogOdds();
        }
        return sums;
    }

    Sums copy() {
        Sums copy = new Sums();
        copy.add(this);
        return copy;
    }

    /** Adds what a rule is worth on a needle, with the verdict that it leaves. */
    void add(Firing rule, NeedleInUse needle) {
        double weight = rule.weight(needle);
        if (weight != 0) {
            logOdds[rule.factor().hazard().ordinal()] += weight;
            limit = limit.or(rule.limit());
        }
    }

    void add(Sums others) {
        for (int i = 0; i < logOdds.length; i++) {
            logOdds[i] += others.logOdds[i];
        }
        limit = limit.or(others.limit);
    }

    Verdict limit() {
        return limit;
    }

    Hazards hazards() {
        return new Hazards(
                chance(Hazard.SKIP),
                chance(Hazard.SHRED),
                chance(Hazard.BREAK),
                chance(Hazard.MARK),
                chance(Hazard.PUCKER));
    }

    private double chance(Hazard hazard) {
        return Hazards.chance(logOdds[hazard.ordinal()]);
    }
}
