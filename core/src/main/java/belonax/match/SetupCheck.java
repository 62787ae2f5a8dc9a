package belonax.match;

import belonax.hazard.Prediction;
import belonax.hazard.Verdict;
import belonax.needle.NeedleInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Is the needle that is already in the machine good enough? Judged by the same model, against the best that could be
 * fitted, with its wear and strikes.
 */
public final class SetupCheck {
    private static final double CLEARLY_BETTER = 0.02;

    private final NeedleMatcher matcher;

    public SetupCheck(NeedleMatcher matcher) {
        this.matcher = matcher;
    }

    /**
     * Judges the fitted needle.
     *
     * @param request the job, with the machine's systems
     */
    public Checked check(MatchRequest request, NeedleInUse fitted) {
        Candidates candidates = matcher.candidates(request);
        Recommendation best = new Ranking(candidates).best().get(0);
        Prediction prediction = candidates.outlook().with(fitted);
        boolean fitsMachine = request.systems().contains(fitted.needle().system());
        Recommendation judged = judge(candidates, prediction);
        Verdict verdict = fitsMachine ? judged.verdict() : Verdict.AVOID;
        return new Checked(
                fitted,
                verdict,
                judged,
                fitsMachine ? Optional.empty() : Optional.of(wrongSystem(request, fitted)),
                better(best, verdict, judged));
    }

    private static Recommendation judge(Candidates candidates, Prediction prediction) {
        if (!candidates.isProven(prediction.needle().needle())) {
            return new Recommendation(
                    prediction.needle().needle(), Verdicts.of(prediction, candidates.lowestHarm()), prediction, false);
        }
        Recommendation proven = ProvenSetup.judged(prediction, candidates);
        boolean worn = prediction.needle().effectiveHours() >= NeedleInUse.WORN_HOURS;
        return new Recommendation(
                proven.needle(),
                worn ? proven.verdict().or(Verdict.CAN_PASS) : proven.verdict(),
                proven.prediction(),
                proven.isProven());
    }

    private static Optional<Recommendation> better(Recommendation best, Verdict verdict, Recommendation judged) {
        boolean helps = best.verdict().compareTo(verdict) < 0
                || verdict == Verdict.AVOID
                || best.expectedHarm() + CLEARLY_BETTER < judged.expectedHarm();
        return verdict != Verdict.GOOD && helps ? Optional.of(best) : Optional.empty();
    }

    private static String wrongSystem(MatchRequest request, NeedleInUse fitted) {
        return fitted.needle().system().label() + " is not on this machine's list ("
                + String.join(
                        ", ", request.systems().stream().map(it -> it.label()).toList())
                + "): its eye meets the hook in another place, and it can strike. Take it out.";
    }

    /**
     * The judgement.
     *
     * @param wrongSystem why it does not belong into this machine at all, if so
     * @param better what to fit instead, where that is clearly better
     */
    public record Checked(
            NeedleInUse fitted,
            Verdict verdict,
            Recommendation judged,
            Optional<String> wrongSystem,
            Optional<Recommendation> better) {

        /** Returns why in whole sentences, the weightiest first; a wrong system stands before everything. */
        public List<String> sentences() {
            return new ArrayList<>(Stream.concat(
                            wrongSystem.stream(), judged.reasons().stream().map(it -> it.text()))
                    .toList());
        }
    }
}
