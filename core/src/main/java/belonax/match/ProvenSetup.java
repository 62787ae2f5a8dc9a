package belonax.match;

import belonax.hazard.Prediction;
import belonax.hazard.Verdict;
import java.util.List;

/**
 * A set-up that sewed a clean strip on this cloth. Its success is evidence, so its hazards are lowered, evenly in log-odds,
 * until it stands before every other; it is never rated AVOID, except across systems, where the needle would strike, when it
 * is worn out, or against a limit that no needle changes.
 */
final class ProvenSetup {
    private static final double STEP = 0.25;
    private static final double FURTHEST = 12;
    private static final double AHEAD = 0.9;

    private ProvenSetup() {}

    static Recommendation judged(Prediction prediction, Candidates candidates) {
        if (prediction.isRuledOutByMachineOrWear()) {
            return new Recommendation(prediction.needle().needle(), Verdict.AVOID, prediction, false, List.of());
        }
        double target = candidates.lowestHarm() * AHEAD;
        Prediction lowered = prediction;
        for (double by = STEP; lowered.expectedHarm() > target && by <= FURTHEST; by += STEP) {
            lowered = prediction.loweredBy(by);
        }
        return new Recommendation(prediction.needle().needle(), prediction.limitsOfTheJob(), lowered, true, List.of());
    }
}
