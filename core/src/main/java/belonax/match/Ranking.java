package belonax.match;

import belonax.hazard.Prediction;
import belonax.hazard.Verdict;
import belonax.needle.NeedleType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Orders the needles: verdict, then expected harm, then the smaller size. The list holds the best size of every type that
 * may be used, then the next sizes, and is filled up to three with what is left where need be.
 */
final class Ranking {
    private static final int AT_LEAST = 3;
    private static final int AT_MOST = 12;
    private static final Comparator<Recommendation> BEST_FIRST = Comparator.comparing(Recommendation::verdict)
            .thenComparingDouble(Recommendation::expectedHarm)
            .thenComparing(candidate -> candidate.needle().size());

    private final Candidates candidates;

    Ranking(Candidates candidates) {
        this.candidates = candidates;
    }

    List<Recommendation> best() {
        List<Recommendation> usable = judged(candidates.usable());
        List<Recommendation> chosen = everyTypeThenSizes(usable);
        if (chosen.size() < AT_LEAST) {
            fillUp(chosen, usable);
        }
        if (chosen.size() < AT_LEAST) {
            // A type that must not be used on this cloth fills up only when nothing else is made.
            fillUp(chosen, judged(candidates.forbidden()));
        }
        chosen.sort(BEST_FIRST);
        return chosen;
    }

    private List<Recommendation> judged(List<Prediction> predictions) {
        List<Recommendation> all = new ArrayList<>(predictions.size());
        for (Prediction prediction : predictions) {
            all.add(candidates.judged(prediction));
        }
        all.sort(BEST_FIRST);
        return all;
    }

    private static List<Recommendation> everyTypeThenSizes(List<Recommendation> bestFirst) {
        Set<NeedleType> seen = EnumSet.noneOf(NeedleType.class);
        List<Recommendation> first = new ArrayList<>();
        List<Recommendation> further = new ArrayList<>();
        for (Recommendation candidate : bestFirst) {
            if (candidate.verdict() != Verdict.AVOID) {
                (seen.add(candidate.needle().type()) ? first : further).add(candidate);
            }
        }
        first.addAll(further);
        return new ArrayList<>(first.subList(0, Math.min(AT_MOST, first.size())));
    }

    private static void fillUp(List<Recommendation> chosen, List<Recommendation> from) {
        for (Recommendation candidate : from) {
            if (chosen.size() < AT_LEAST && !chosen.contains(candidate)) {
                chosen.add(candidate);
            }
        }
    }
}
