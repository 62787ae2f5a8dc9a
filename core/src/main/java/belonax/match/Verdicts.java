package belonax.match;

import belonax.hazard.Prediction;
import belonax.hazard.Verdict;

/**
 * Turns expected harm into a verdict: relative to the lowest among the needles that are made, never better than a harm that
 * is too much by itself, and never better than rules and limits allow. Source: docs/craft.md, "Verdicts".
 */
final class Verdicts {
    /** A needle within this much of the lowest harm is as good to a sewist. */
    static final double GOOD_WITHIN = 0.25;
    /** A needle this much worse than the best is to be avoided. */
    static final double AVOID_BEYOND = 0.60;
    /** With more harm than this nothing is good, even where nothing is better. */
    static final double GOOD_UP_TO = 0.35;
    /** With more harm than this nothing passes. */
    static final double PASSES_UP_TO = 1.2;

    /** So many sizes outside the good ones a needle of a kind that passes passes too. */
    private static final double BESIDE_SIZES = 2;

    private Verdicts() {}

    static Verdict of(Prediction prediction, Candidates among) {
        return byHarm(prediction, among).or(prediction.limit()).or(prediction.cap());
    }

    private static Verdict byHarm(Prediction prediction, Candidates among) {
        double harm = prediction.expectedHarm();
        double lowest = among.lowestHarm();
        if (harm <= lowest + GOOD_WITHIN && harm <= GOOD_UP_TO) {
            return Verdict.GOOD;
        }
        boolean passes = passes(harm, lowest)
                || isBesideAGoodSize(prediction, among)
                || among.hasBetterSizesOnBothSides(
                        prediction, otherPrediction -> passes(otherPrediction.expectedHarm(), lowest));
        return passes ? Verdict.CAN_PASS : Verdict.AVOID;
    }

    /** Where the kind passes, the size alone is at fault, and a size or two beside a good one is no needle to avoid. */
    private static boolean isBesideAGoodSize(Prediction prediction, Candidates among) {
        return prediction.outsideBySizes() <= BESIDE_SIZES
                && passes(among.lowestOfTheKind(prediction), among.lowestHarm());
    }

    private static boolean passes(double harm, double lowestHarm) {
        return harm <= lowestHarm + AVOID_BEYOND && harm <= PASSES_UP_TO;
    }
}
