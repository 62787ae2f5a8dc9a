package belonax.match;

import belonax.hazard.HazardModel;
import belonax.hazard.Job;
import belonax.hazard.Outlook;
import belonax.hazard.Prediction;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleType;
import java.util.List;
import java.util.Optional;

/**
 * Ranks the needles that are made for a cloth, a thread and a machine. Never crosses systems. Source: docs/craft.md,
 * "Verdicts".
 */
public final class NeedleMatcher {
    private final HazardModel model;
    private final NeedleRange range;

    public NeedleMatcher(HazardModel model, NeedleRange range) {
        this.model = model;
        this.range = range;
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
        Job job = request.job();
        Candidates candidates = candidates(request);
        List<Recommendation> ranked = new Ranking(candidates).best();
        return new Match(
                job,
                job.clothWindow().sizes(),
                job.threadWindow(NeedleType.UNIVERSAL.eye().widthShare()).sizes(),
                conflict(request),
                ranked,
                candidates.ruledOut(),
                StitchAdvice.of(job, request.twin().isPresent()),
                FootAdvice.of(job),
                StartingDial.of(job, request.twin().isPresent()),
                Warnings.of(request, ranked));
    }

    Candidates candidates(MatchRequest request) {
        Outlook outlook = model.outlook(request.job());
        List<Prediction> predictions = new CandidateNeedles(range)
                .of(request).stream().map(outlook::with).toList();
        return new Candidates(outlook, predictions, request);
    }

    private Optional<Conflict> conflict(MatchRequest request) {
        return new ConflictFinder(range).find(request);
    }
}
