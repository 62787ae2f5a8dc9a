package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.SizeWindow;
import java.util.List;
import java.util.Optional;

/**
 * The matcher's answer.
 *
 * @param clothWindow sizes that the cloth asks for
 * @param threadWindow sizes that the thread fits with a standard eye
 * @param recommendations best first: at least three where the systems allow as many sizes that are made
 * @param ruledOut types that must not be used on this cloth, with why
 * @param warnings what to heed before the first stitch
 */
public record Match(
        Job job,
        SizeWindow clothWindow,
        SizeWindow threadWindow,
        Optional<Conflict> conflict,
        List<Recommendation> recommendations,
        List<RuledOut> ruledOut,
        StitchAdvice stitch,
        FootAdvice foot,
        StartingDial startingDial,
        List<String> warnings) {

    /** A kind of needle that must not be used on this cloth. */
    public record RuledOut(belonax.needle.NeedleType type, String why) {}

    public Match {
        recommendations = List.copyOf(recommendations);
        ruledOut = List.copyOf(ruledOut);
        warnings = List.copyOf(warnings);
    }

    /** Returns the needle to fit. */
    public Recommendation best() {
        return recommendations.get(0);
    }
}
