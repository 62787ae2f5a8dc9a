package belonax.hazard;

import belonax.needle.NeedleInUse;
import java.util.List;

/** One job, ready to have needles tried on it: factors that no needle changes are already summed. */
public final class Outlook {
    private static final Hazard[] HAZARDS = Hazard.values();

    private final Job job;
    private final Factor[] ofTheJob;
    private final Factor[] ofTheNeedle;
    private final double[] logOdds = new double[HAZARDS.length];
    private Verdict limit = Verdict.GOOD;

    Outlook(Job job, List<Factor> factors) {
        this.job = job;
        List<Factor> firing = factors.stream().filter(it -> it.mayFireOn(job)).toList();
        ofTheJob = firing.stream().filter(Factor::isOfTheJobAlone).toArray(Factor[]::new);
        ofTheNeedle = firing.stream().filter(it -> !it.isOfTheJobAlone()).toArray(Factor[]::new);
        for (Hazard hazard : HAZARDS) {
            logOdds[hazard.ordinal()] = hazard.startingLogOdds();
        }
        for (Factor it : ofTheJob) {
            double weight = it.weight(job, Prediction.ANY_NEEDLE);
            logOdds[it.hazard().ordinal()] += weight;
            if (weight != 0) {
                limit = limit.or(it.limit());
            }
        }
    }

    public Job job() {
        return job;
    }

    /** Returns what to expect of this needle. */
    public Prediction with(NeedleInUse needle) {
        double[] sums = logOdds.clone();
        Verdict verdict = limit;
        for (Factor it : ofTheNeedle) {
            double weight = it.weight(job, needle);
            if (weight != 0) {
                sums[it.hazard().ordinal()] += weight;
                verdict = verdict.or(it.limit());
            }
        }
        return new Prediction(this, needle, hazards(sums), verdict);
    }

    Factor[] ofTheJob() {
        return ofTheJob;
    }

    Factor[] ofTheNeedle() {
        return ofTheNeedle;
    }

    private static Hazards hazards(double[] logOdds) {
        return new Hazards(
                chance(logOdds[0]), chance(logOdds[1]), chance(logOdds[2]), chance(logOdds[3]), chance(logOdds[4]));
    }

    private static double chance(double logOdds) {
        return 1 / (1 + Math.exp(-logOdds));
    }
}
