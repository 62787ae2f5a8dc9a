package belonax.match;

import belonax.BadInput;
import belonax.hazard.Verdict;
import belonax.match.Changes.Change;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Looks for a way out where nothing is left but needles to avoid. Each change is tried in the same model: alone first, and
 * where none is enough, those that take most harm away one after another. Source: docs/craft.md, "Ways out".
 */
final class WayFinder {
    private static final int MAX_ALONE = 3;
    private static final int MAX_TOGETHER = 4;
    private static final String NOTHING_HELPS =
            "No change known here makes this good: sew it by hand, or with other cloth, thread or machine.";

    private final NeedleMatcher matcher;
    private final Changes changes;

    WayFinder(NeedleMatcher matcher, Changes changes) {
        this.matcher = matcher;
        this.changes = changes;
    }

    /** A change with the best needle that is left after it. */
    private record Tried(Change change, Match match) {
        boolean isEnough() {
            return verdict() != Verdict.AVOID;
        }

        double harm() {
            return match.best().expectedHarm();
        }

        Verdict verdict() {
            return match.best().verdict();
        }

        String words() {
            return change.words() + ": the " + match.best().needle().words()
                    + (verdict() == Verdict.GOOD ? " is good then." : " can pass then.");
        }
    }

    WaysOut find(MatchRequest request) {
        List<Tried> tried = each(request);
        List<String> alone = tried.stream()
                .filter(Tried::isEnough)
                .limit(MAX_ALONE)
                .map(Tried::words)
                .toList();
        return alone.isEmpty() ? together(tried) : new WaysOut(false, alone);
    }

    private WaysOut together(List<Tried> first) {
        List<String> steps = new ArrayList<>();
        List<Tried> tried = first;
        while (steps.size() < MAX_TOGETHER && !tried.isEmpty()) {
            Tried step =
                    Collections.min(tried, Comparator.comparing(Tried::verdict).thenComparing(Tried::harm));
            if (step.isEnough()) {
                steps.add(step.words());
                return new WaysOut(true, steps);
            }
            steps.add(step.change().words() + ".");
            tried = each(step.change().request());
        }
        return new WaysOut(false, List.of(NOTHING_HELPS));
    }

    /** Returns of each kind of change the first that is enough, or else the one that leaves least harm. */
    private List<Tried> each(MatchRequest request) {
        return changes.of(request).stream()
                .flatMap(kind -> leastOf(kind).stream())
                .toList();
    }

    private Optional<Tried> leastOf(List<Change> kind) {
        List<Tried> tried =
                kind.stream().flatMap(change -> tried(change).stream()).toList();
        return tried.stream()
                .filter(Tried::isEnough)
                .findFirst()
                .or(() -> tried.stream().min(Comparator.comparingDouble(Tried::harm)));
    }

    /** What a change leads to; nothing where no such needle is made for the machine. */
    private Optional<Tried> tried(Change change) {
        try {
            return Optional.of(new Tried(change, matcher.match(change.request())));
        } catch (BadInput noneMade) {
            return Optional.empty();
        }
    }
}
