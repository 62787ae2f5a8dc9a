package belonax.match;

import belonax.hazard.Prediction;
import belonax.hazard.Verdict;

/**
 * Turns expected harm into a verdict: relative to the lowest among the needles that are made, never better than a harm that
 * is too much by itself, and never better than rules and limits allow. Source: docs/craft.md, "Verdicts".
 */
final class Verdicts {
    /** A needle within this much of the lowest harm is as good to a sewist. */
    static final double GOOD_WITHIN = 0.15;
    /** A needle this much worse than the best is to be avoided. */
    static final double AVOID_BEYOND = 0.60;
    /** With more harm than this nothing is good, even where nothing is better. */
    static final double GOOD_UP_TO = 0.35;
    /** With more harm than this nothing passes. */
    static final double PASSES_UP_TO = 1.2;

    private Verdicts() {}

    static Verdict of(Prediction prediction, double lowestHarm) {
        return byHarm(prediction.expectedHarm(), lowestHarm)
                .or(prediction.limit())
                .or(prediction.cap());
    }

    private static Verdict byHarm(double harm, double lowestHarm) {
        if (harm <= lowestHarm + GOOD_WITHIN && harm <= GOOD_UP_TO) {
            return Verdict.GOOD;
        }
        return harm <= lowestHarm + AVOID_BEYOND && harm <= PASSES_UP_TO ? Verdict.CAN_PASS : Verdict.AVOID;
    }
}
