package belonax.hazard;

import belonax.needle.NeedleInUse;
import java.util.ArrayList;
import java.util.List;

/** One job and one kind of needle: what they decide between them is summed; size and past are left to ask. */
final class KindOutlook {
    private static final Hazard[] HAZARDS = Hazard.values();

    private final Outlook outlook;
    private final List<Factor> factors;
    private final List<Factor> askingTheNeedle = new ArrayList<>();
    private final List<Factor> askingItsPast = new ArrayList<>();
    private final double[] logOdds = new double[HAZARDS.length];
    private final Verdict limit;

    /** Any needle of the kind will do, since the factors summed here look at nothing else of it. */
    KindOutlook(Outlook outlook, List<Factor> firing, NeedleInUse anyOfTheKind) {
        this.outlook = outlook;
        this.factors = firing;
        for (Hazard hazard : HAZARDS) {
            logOdds[hazard.ordinal()] = hazard.startingLogOdds();
        }
        List<Factor> settled = new ArrayList<>();
        for (Factor it : firing) {
            whereItBelongs(it, settled).add(it);
        }
        this.limit = fold(settled, anyOfTheKind, logOdds, Verdict.GOOD);
    }

    private List<Factor> whereItBelongs(Factor factor, List<Factor> settled) {
        if (factor.part() == Part.NEEDLE_WEAR) {
            return askingItsPast;
        }
        return factor.asksTheNeedle() ? askingTheNeedle : settled;
    }

    List<Factor> factors() {
        return factors;
    }

    Verdict limit() {
        return limit;
    }

    Prediction with(NeedleInUse needle) {
        double[] sums = logOdds.clone();
        Verdict verdict = fold(askingTheNeedle, needle, sums, limit);
        if (!needle.isNew()) {
            verdict = fold(askingItsPast, needle, sums, verdict);
        }
        return new Prediction(outlook, needle, hazards(sums), verdict);
    }

    private Verdict fold(List<Factor> over, NeedleInUse needle, double[] sums, Verdict startingLimit) {
        Verdict verdict = startingLimit;
        for (Factor it : over) {
            double weight = it.weight(outlook.job(), needle);
            if (weight != 0) {
                sums[it.hazard().ordinal()] += weight;
                verdict = verdict.or(it.limit());
            }
        }
        return verdict;
    }

    private static Hazards hazards(double[] logOdds) {
        return new Hazards(
                chance(logOdds[0]), chance(logOdds[1]), chance(logOdds[2]), chance(logOdds[3]), chance(logOdds[4]));
    }

    private static double chance(double logOdds) {
        return 1 / (1 + Math.exp(-logOdds));
    }
}
