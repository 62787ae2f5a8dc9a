package belonax.hazard;

import belonax.needle.NeedleInUse;
import java.util.List;

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

    void addAll(List<Firing> factors, NeedleInUse needle) {
        for (Firing it : factors) {
            double weight = it.weight(needle);
            if (weight != 0) {
                logOdds[it.factor().hazard().ordinal()] += weight;
                limit = limit.or(it.limit());
            }
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
