package belonax.match;

import belonax.hazard.Prediction;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.needle.NeedleInUse;
import java.util.List;
import java.util.Optional;

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
        Recommendation judged = judge(candidates, candidates.with(fitted));
        return new Checked(fitted, judged, better(best, judged));
    }

    private static Recommendation judge(Candidates candidates, Prediction prediction) {
        Recommendation proven = candidates.judged(prediction);
        if (!candidates.isProven(prediction.needle().needle())) {
            return proven;
        }
        boolean worn = prediction.needle().effectiveHours() >= NeedleInUse.WORN_HOURS;
        return new Recommendation(
                proven.needle(),
                worn ? proven.verdict().or(Verdict.CAN_PASS) : proven.verdict(),
                proven.prediction(),
                proven.isProven(),
                proven.seen());
    }

    private static Optional<Recommendation> better(Recommendation best, Recommendation judged) {
        boolean helps =
                judged.verdict() != Verdict.GOOD || best.expectedHarm() + CLEARLY_BETTER < judged.expectedHarm();
        return helps ? Optional.of(best) : Optional.empty();
    }

    /**
     * The judgement.
     *
     * @param better the best that can be fitted, wherever the judged needle is not good, or that one is clearly better; where
     *     nothing suits, it may be a new needle of the very same kind
     */
    public record Checked(NeedleInUse fitted, Recommendation judged, Optional<Recommendation> better) {
        public Verdict verdict() {
            return judged.verdict();
        }

        /** Returns the sentence that decides: what limits the verdict, or else what moves the harm most. */
        public String why() {
            List<String> deciding = judged.verdict() == Verdict.GOOD
                    ? judged.reasons().stream().map(Reason::text).toList()
                    : judged.prediction().deciding(judged.verdict());
            return deciding.stream().findFirst().orElse("Nothing speaks against it.");
        }
    }
}
