package belonax.match;

import belonax.hazard.Outlook;
import belonax.hazard.Prediction;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * All needles of one match, and the lowest harm among them, against which verdicts are measured. Kinds that must not be used
 * on this cloth are not tried unless somebody asks for them.
 */
final class Candidates {
    private final Outlook outlook;
    private final List<MatchRequest.Proven> proven;
    private final ScrapEvidence scraps;
    private final List<Prediction> usable = new ArrayList<>();
    private final List<NeedleInUse> forbidden = new ArrayList<>();
    private final double lowestHarm;

    Candidates(Outlook outlook, List<NeedleInUse> needles, MatchRequest request) {
        this.outlook = outlook;
        this.proven = request.provenHere();
        this.scraps = new ScrapEvidence(request.scraps());
        for (NeedleInUse needle : needles) {
            if (outlook.forbids(needle) && !isProven(needle.needle())) {
                forbidden.add(needle);
            } else {
                usable.add(with(needle));
            }
        }
        this.lowestHarm = lowest();
    }

    /** Returns what to expect of a needle, after what was seen of it on a scrap. */
    Prediction with(NeedleInUse needle) {
        return scraps.on(outlook.with(needle));
    }

    /** Returns what was seen of a needle on a scrap. */
    List<Reason> seen(Needle needle) {
        return scraps.reasons(needle);
    }

    /** Gives a prediction its verdict. */
    Recommendation judged(Prediction prediction) {
        Needle needle = prediction.needle().needle();
        return isProven(needle)
                ? ProvenSetup.judged(prediction, this)
                : new Recommendation(needle, verdict(prediction), prediction, false, seen(needle));
    }

    Verdict verdict(Prediction prediction) {
        return Verdicts.of(prediction, this);
    }

    /** Returns the lowest harm among the sizes of a needle's own kind. */
    double lowestOfTheKind(Prediction prediction) {
        double lowest = prediction.expectedHarm();
        for (Prediction otherPrediction : ofTheKind(prediction)) {
            lowest = Math.min(lowest, otherPrediction.expectedHarm());
        }
        return lowest;
    }

    /** Tells whether a thinner and a thicker needle of the same kind are both like this. */
    boolean hasBetterSizesOnBothSides(Prediction prediction, Predicate<Prediction> like) {
        NeedleSize size = prediction.needle().needle().size();
        boolean thinner = false;
        boolean thicker = false;
        for (Prediction otherPrediction : ofTheKind(prediction)) {
            int by = otherPrediction.needle().needle().size().compareTo(size);
            thinner |= by < 0 && like.test(otherPrediction);
            thicker |= by > 0 && like.test(otherPrediction);
        }
        return thinner && thicker;
    }

    /** Returns the sizes of a needle's kind: those that are tried, or else, for a kind that nobody asked for, every one. */
    private List<Prediction> ofTheKind(Prediction prediction) {
        Needle needle = prediction.needle().needle();
        List<Prediction> tried = usable.stream()
                .filter(otherPrediction -> otherPrediction.needle().needle().isOfKind(needle))
                .toList();
        return tried.isEmpty()
                ? NeedleSize.LADDER.stream()
                        .map(size -> outlook.with(NeedleInUse.fresh(needle.inSize(size))))
                        .toList()
                : tried;
    }

    /** Returns what to expect of the needles of kinds that may be used. */
    List<Prediction> usable() {
        return usable;
    }

    /** Returns what to expect of the others. */
    List<Prediction> forbidden() {
        return forbidden.stream().map(this::with).toList();
    }

    double lowestHarm() {
        return lowestHarm;
    }

    /** What went wrong on a scrap is not proven any more, whatever sewed well before. */
    boolean isProven(Needle needle) {
        if (scraps.speakAgainst(needle)) {
            return false;
        }
        for (MatchRequest.Proven otherProven : proven) {
            if (otherProven.isOf(needle)) {
                return true;
            }
        }
        return false;
    }

    /** Returns the types that must not be used on this cloth in any size, each with its first reason. */
    List<Match.RuledOut> ruledOut() {
        Set<NeedleType> seen = EnumSet.noneOf(NeedleType.class);
        usable.stream()
                .filter(prediction -> prediction.limit() != Verdict.AVOID
                        || isProven(prediction.needle().needle()))
                .forEach(prediction -> seen.add(prediction.needle().needle().type()));
        List<Match.RuledOut> out = new ArrayList<>();
        List<Prediction> others = new ArrayList<>(forbidden());
        usable.stream()
                .filter(prediction -> prediction.limit() == Verdict.AVOID)
                .forEach(others::add);
        for (Prediction prediction : others) {
            NeedleType type = prediction.needle().needle().type();
            if (seen.add(type)) {
                out.add(new Match.RuledOut(type, prediction.limitReasons().get(0)));
            }
        }
        out.sort(Comparator.comparing(Match.RuledOut::type));
        return out;
    }

    private double lowest() {
        double lowest = lowest(usable, Verdict.CAN_PASS);
        if (lowest == Double.MAX_VALUE) {
            lowest = Math.min(lowest(usable, Verdict.AVOID), lowest(forbidden(), Verdict.AVOID));
        }
        return lowest;
    }

    private static double lowest(List<Prediction> among, Verdict limitedAtWorstTo) {
        double lowest = Double.MAX_VALUE;
        for (Prediction prediction : among) {
            if (prediction.limit().compareTo(limitedAtWorstTo) <= 0) {
                lowest = Math.min(lowest, prediction.expectedHarm());
            }
        }
        return lowest;
    }
}
