package belonax.match;

import belonax.hazard.Prediction;
import belonax.hazard.Verdict;

/** Turns expected harm into a verdict: relative to the lowest among the needles that are made. */
final class Verdicts {
    /** A needle within this much of the lowest harm is as good to a sewist. Source: docs/craft.md, "Verdicts". */
    static final double GOOD_WITHIN = 0.15;
    /** A needle this much worse than the best is to be avoided. Source: docs/craft.md, "Verdicts". */
    static final double AVOID_BEYOND = 0.60;

    private Verdicts() {}

    static Verdict of(Prediction prediction, double lowestHarm) {
        return byHarm(prediction.expectedHarm() - lowestHarm).or(prediction.limit());
    }

    private static Verdict byHarm(double aboveLowest) {
        if (aboveLowest <= GOOD_WITHIN) {
            return Verdict.GOOD;
        }
        return aboveLowest <= AVOID_BEYOND ? Verdict.CAN_PASS : Verdict.AVOID;
    }
}
