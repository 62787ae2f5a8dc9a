package belonax.match;

import belonax.hazard.Outlook;
import belonax.hazard.Prediction;
import belonax.hazard.Verdict;
import belonax.needle.Needle;
import belonax.needle.NeedleType;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** All needles tried on one job, and the lowest harm among them, against which verdicts are measured. */
final class Candidates {
    private final Outlook outlook;
    private final List<Prediction> predictions;
    private final MatchRequest request;
    private final double lowestHarm;

    Candidates(Outlook outlook, List<Prediction> predictions, MatchRequest request) {
        this.outlook = outlook;
        this.predictions = predictions;
        this.request = request;
        this.lowestHarm = lowest(predictions);
    }

    Outlook outlook() {
        return outlook;
    }

    List<Prediction> predictions() {
        return predictions;
    }

    double lowestHarm() {
        return lowestHarm;
    }

    boolean isProven(Needle needle) {
        return request.proven().stream().anyMatch(it -> it.type() == needle.type() && it.size() == needle.size());
    }

    /** Returns the types that must not be used on this cloth in any size, each with its first reason. */
    List<Match.RuledOut> ruledOut() {
        Set<NeedleType> usable = predictions.stream()
                .filter(it ->
                        it.limit() != Verdict.AVOID || isProven(it.needle().needle()))
                .map(it -> it.needle().needle().type())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(NeedleType.class)));
        List<Match.RuledOut> out = new ArrayList<>();
        for (Prediction it : predictions) {
            NeedleType type = it.needle().needle().type();
            if (usable.add(type)) {
                out.add(new Match.RuledOut(type, it.limitReasons().get(0)));
            }
        }
        return out;
    }

    private static double lowest(List<Prediction> predictions) {
        return predictions.stream()
                .filter(it -> it.limit() != Verdict.AVOID)
                .mapToDouble(Prediction::expectedHarm)
                .min()
                .orElseGet(() -> predictions.stream()
                        .mapToDouble(Prediction::expectedHarm)
                        .min()
                        .orElse(0));
    }
}
