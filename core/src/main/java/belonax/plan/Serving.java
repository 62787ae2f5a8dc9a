package belonax.plan;

import belonax.match.Match;
import belonax.match.NeedleMatcher;
import belonax.match.Recommendation;
import belonax.match.SetupCheck;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * The needles that may sew a step: those that are rated no worse than its best, with a harm within 0.05 of it. Source:
 * docs/craft.md, "Planning a job".
 */
final class Serving {
    private static final double NEARLY = 0.05;
    private static final double A_LITTLE = 1e-9;

    private final SetupCheck check;
    private final Step step;
    private final Match match;
    private final Map<Needle, Recommendation> needles = new LinkedHashMap<>();

    Serving(NeedleMatcher matcher, Step step) {
        this.check = new SetupCheck(matcher);
        this.step = step;
        this.match = matcher.match(step.asked());
        needles.put(match.best().needle(), match.best());
        match.all().stream()
                .filter(this::isNearly)
                .forEach(candidate -> needles.putIfAbsent(candidate.needle(), candidate));
    }

    /** Returns where the dial is likely to stand. */
    double dial() {
        return step.dial().orElseGet(() -> match.startingDial().likely());
    }

    /** Returns the needles, fresh, the best first. */
    Map<Needle, Recommendation> needles() {
        return needles;
    }

    /** Returns the judgement of one of these needles, fresh. */
    Recommendation fresh(Needle needle) {
        return Objects.requireNonNull(needles.get(needle));
    }

    /** Returns the judgement of a needle that has sewn, if it may sew this. */
    Optional<Recommendation> worn(NeedleInUse needle) {
        boolean fits = step.asked().job().systems().contains(needle.needle().system());
        return fits ? Optional.of(check.check(step.asked(), needle).judged()).filter(this::isNearly) : Optional.empty();
    }

    private boolean isNearly(Recommendation candidate) {
        Recommendation best = match.best();
        return candidate.verdict().compareTo(best.verdict()) <= 0
                && candidate.expectedHarm() <= best.expectedHarm() + NEARLY + A_LITTLE;
    }
}
