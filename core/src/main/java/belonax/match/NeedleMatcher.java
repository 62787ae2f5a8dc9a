package belonax.match;

import belonax.hazard.HazardModel;
import belonax.hazard.Prediction;
import belonax.hazard.Verdict;
import belonax.needle.Needle;
import belonax.needle.NeedleRange;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Ranks the needles that are made for a cloth, a thread and a machine. Never crosses systems. Source: docs/craft.md,
 * "Verdicts".
 */
public final class NeedleMatcher {
    /** Of two good needles the one that is made for the work is bought. */
    private static final double MERELY_DOES_NO_HARM = 0.1;

    private final HazardModel model;
    private final CandidateNeedles needles;
    private final WayFinder ways;

    public NeedleMatcher(HazardModel model, NeedleRange range) {
        this.model = model;
        this.needles = new CandidateNeedles(range);
        this.ways = new WayFinder(this, new Changes(range));
    }

    /** Returns a matcher on the standard model and the range of the trade. */
    public static NeedleMatcher standard() {
        return new NeedleMatcher(HazardModel.standard(), NeedleRange.standard());
    }

    /**
     * Answers which needle to fit.
     *
     * @throws belonax.BadInput if a twin is wished for with a spacing in which none is made for these systems
     */
    public Match match(MatchRequest request) {
        Candidates candidates = candidates(request);
        return new Match(request, ways, new Ranking(candidates).best(), candidates);
    }

    /** Returns every needle that is good for this, with its expected harm; one that is not made for it stands behind its like. */
    Map<Needle, Double> good(MatchRequest request) {
        Candidates candidates = candidates(request);
        Map<Needle, Double> good = new LinkedHashMap<>();
        for (Prediction prediction : candidates.usable()) {
            if (candidates.verdict(prediction) == Verdict.GOOD) {
                Recommendation judged = candidates.judged(prediction);
                boolean madeFor = Aptness.isMadeFor(request.job(), judged);
                good.put(judged.needle(), prediction.expectedHarm() + (madeFor ? 0 : MERELY_DOES_NO_HARM));
            }
        }
        return good;
    }

    Candidates candidates(MatchRequest request) {
        return new Candidates(model.outlook(request.job()), needles.of(request), request);
    }
}
