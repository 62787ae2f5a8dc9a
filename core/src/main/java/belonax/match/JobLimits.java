package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Limit;
import belonax.hazard.Verdict;
import java.util.ArrayList;
import java.util.List;

/** The limits that bind on a job, with the strike of the very needles that were asked for standing before all others. */
final class JobLimits {
    private JobLimits() {}

    static List<Limit> of(Job job, Recommendation best) {
        List<Limit> all = new ArrayList<>(job.limits().binding());
        boolean told =
                all.stream().anyMatch(limit -> limit.kind() == Limit.Kind.STRIKE && limit.verdict() == Verdict.AVOID);
        boolean strikes = best.verdict() == Verdict.AVOID && best.prediction().isStruckByPlateOrFoot();
        if (strikes && !told) {
            all.removeIf(limit -> limit.kind() == Limit.Kind.STRIKE);
            all.add(
                    0,
                    new Limit(
                            Limit.Kind.STRIKE,
                            Verdict.AVOID,
                            best.prediction().limitReasons().get(0),
                            "Take a narrower stitch or spacing, bring the needle to the middle, or put on a plate and a foot with a"
                                    + " wider slot; then turn the wheel by hand through one full pattern."));
        }
        return List.copyOf(all);
    }
}
