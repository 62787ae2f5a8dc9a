package belonax.match;

import belonax.hazard.HazardModel;
import belonax.needle.NeedleRange;

/**
 * Ranks the needles that are made for a cloth, a thread and a machine. Never crosses systems. Source: docs/craft.md,
 * "Verdicts".
 */
public final class NeedleMatcher {
    private final HazardModel model;
    private final CandidateNeedles needles;
    private final ConflictFinder conflicts;

    public NeedleMatcher(HazardModel model, NeedleRange range) {
        this.model = model;
        this.needles = new CandidateNeedles(range);
        this.conflicts = new ConflictFinder(range);
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
        return new Match(request, conflicts, new Ranking(candidates).best(), candidates);
    }

    Candidates candidates(MatchRequest request) {
        return new Candidates(model.outlook(request.job()), needles.of(request), request);
    }
}
