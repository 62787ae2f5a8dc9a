package belonax.hazard;

import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.SHRED;
import static belonax.hazard.Hazard.SKIP;

import belonax.Shown;
import belonax.needle.NeedleInUse;
import java.util.List;
import java.util.Locale;

/** What the needle's own past does. Source: docs/craft.md, "Wear". */
final class WearRules {
    private WearRules() {}

    static final List<Factor> ALL = List.of(
            moves(SKIP, (job, needle) -> 0.10 * needle.effectiveHours())
                    .of(Part.NEEDLE_WEAR)
                    .because((job, needle) -> "After " + hours(needle)
                            + " hours of work the point is dulling, and a dull point is" + " late."),
            moves(SHRED, (job, needle) -> 0.08 * needle.effectiveHours())
                    .of(Part.NEEDLE_WEAR)
                    .because("The thread wears grooves into a used eye, and they fray it."),
            moves(MARK, (job, needle) -> 0.10 * needle.effectiveHours())
                    .of(Part.NEEDLE_WEAR)
                    .because("A dulled point pushes and snags where a new one slips through."),
            moves(BREAK, (job, needle) -> 0.08 * needle.effectiveHours())
                    .of(Part.NEEDLE_WEAR)
                    .because("A needle that has worked long may be bent without showing it."),
            moves(SKIP, (job, needle) -> isWorn(needle) ? 0.3 : 0)
                    .of(Part.NEEDLE_WEAR)
                    .atBest(Verdict.CAN_PASS)
                    .because((job, needle) ->
                            "It has done " + hours(needle) + " hours; from " + Shown.number(NeedleInUse.WORN_HOURS)
                                    + " on it can pass at most, so put in a new one for work that matters."),
            moves(SKIP, (job, needle) -> needle.effectiveHours() >= NeedleInUse.SPENT_HOURS ? 0.6 : 0)
                    .of(Part.NEEDLE_WEAR)
                    .atBest(Verdict.AVOID)
                    .because(
                            (job, needle) -> "It has done " + hours(needle) + " hours and is spent: put in a new one."),
            raises(BREAK, 3.0)
                    .with(NeedleInUse::struck)
                    .of(Part.NEEDLE_WEAR)
                    .atBest(Verdict.AVOID)
                    .because("It hit something hard or was bent: change it now, even if nothing shows."),
            raises(MARK, 2.0)
                    .with(NeedleInUse::struck)
                    .of(Part.NEEDLE_WEAR)
                    .because("A struck point has a hook or a flat that snags the cloth."),
            raises(SKIP, 1.5)
                    .with(NeedleInUse::struck)
                    .of(Part.NEEDLE_WEAR)
                    .because("A bent blade passes the hook at the wrong distance."));

    private static boolean isWorn(NeedleInUse needle) {
        return needle.effectiveHours() >= NeedleInUse.WORN_HOURS && needle.effectiveHours() < NeedleInUse.SPENT_HOURS;
    }

    private static String hours(NeedleInUse needle) {
        return String.format(Locale.ROOT, "%.1f", needle.effectiveHours());
    }
}
