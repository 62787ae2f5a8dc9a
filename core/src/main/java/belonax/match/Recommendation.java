package belonax.match;

import belonax.hazard.Hazard;
import belonax.hazard.Hazards;
import belonax.hazard.Part;
import belonax.hazard.Prediction;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.needle.Needle;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * One needle with its verdict. Its reasons are put into words when they are asked for.
 *
 * @param isProven whether this very set-up worked here before
 * @param seen what scraps of this cloth showed of it
 */
public record Recommendation(
        Needle needle, Verdict verdict, Prediction prediction, boolean isProven, List<Reason> seen) {
    /** What stands first among the reasons of a proven set-up. */
    public static final String PROVEN = "This worked for you on this cloth, and what works outranks a rule.";

    public Hazards hazards() {
        return prediction.hazards();
    }

    public double expectedHarm() {
        return prediction.expectedHarm();
    }

    /** Returns why, the weightiest first. */
    public List<Reason> reasons() {
        Stream<Reason> own = Stream.concat(seen.stream(), prediction.reasons().stream());
        return (isProven ? Stream.concat(Stream.of(provenReason()), own) : own).toList();
    }

    /** Returns why, the weightiest first, without those that another one of the same hazard outweighs. */
    public List<Reason> decisiveReasons() {
        Map<Hazard, Double> net = new EnumMap<>(Hazard.class);
        List<Reason> all = reasons();
        all.forEach(reason -> net.merge(reason.hazard(), reason.weight(), Double::sum));
        return all.stream()
                .filter(reason -> reason.weight() * net.getOrDefault(reason.hazard(), 0.0) > 0)
                .toList();
    }

    private static Reason provenReason() {
        return new Reason(Hazard.SKIP, Part.NEEDLE_TYPE, -1, PROVEN);
    }
}
