package belonax.web.match;

import belonax.hazard.Verdict;
import belonax.machine.FootLength;
import belonax.match.Match;
import belonax.match.Recommendation;
import belonax.needle.Needle;
import belonax.room.Words;
import belonax.room.settings.Units;
import java.util.List;
import java.util.Optional;

/** An answer in words: what to fit, how good it is, what to start with. */
final class MatchWords {
    private MatchWords() {}

    /** Returns what the answer begins with, before the needle. */
    static String lead(Match match, boolean alreadyIn) {
        if (match.standsInTheWay().isPresent()) {
            return "Not like this:";
        }
        if (alreadyIn && match.best().verdict() == Verdict.GOOD) {
            return "Keep the";
        }
        String article = Words.article(match.best().needle().point().words());
        return switch (match.best().verdict()) {
            case GOOD -> "Fit " + article;
            case CAN_PASS -> "Nearest is " + article;
            case AVOID -> "Better not. Nearest is " + article;
        };
    }

    /** Returns the answer: a needle, or what stands in the way of every needle. */
    static String headline(Match match) {
        return match.standsInTheWay()
                .map(limit -> switch (limit.kind()) {
                    case HEIGHT -> "too high for the foot";
                    case PIERCING -> "too much for the motor";
                    case THREAD -> "too thick a thread on top";
                    case STRIKE -> "the needle would strike";
                    case MACHINE -> "not the machine for it";
                })
                .orElse(name(match.best().needle()));
    }

    /** Returns how good a needle is; the word good is kept for what is made for the job. */
    static String verdict(Match match, Recommendation candidate) {
        return candidate.verdict() == Verdict.GOOD && !match.isMadeFor(candidate)
                ? "does as well"
                : candidate.verdict().words();
    }

    private static String name(Needle needle) {
        String kind = needle.twin()
                .map(twin -> twin.point().words() + " " + needle.type().words() + " needle "
                        + Words.mm(twin.spacingMm()) + " mm")
                .orElse(needle.type().words() + " needle");
        return kind + ", " + needle.size();
    }

    /** Returns stitch, pressure, foot and dial to start with; a dial that is proven for this work stands before any guess. */
    static String start(Match match, Optional<FootLength> underTheFoot, Optional<Double> provenDial, Units units) {
        String width =
                match.stitch().widthMm() > 0 ? ", " + units.mm(match.stitch().widthMm()) + " wide" : "";
        return Words.capital(match.stitch().kind().words()) + " "
                + units.stitch(match.stitch().lengthMm())
                + underTheFoot
                        .filter(FootLength::matters)
                        .map(footLength -> ", set "
                                + Words.plain(footLength.toSet(match.stitch().lengthMm())) + " under the "
                                + footLength.foot())
                        .orElse("")
                + width
                + " · "
                + match.foot()
                        .pressure()
                        .map(pressure -> pressure.words() + " pressure, ")
                        .orElse("")
                + match.foot().words()
                + provenDial
                        .map(value -> " · dial at " + Words.number(value) + ", proven here")
                        .orElseGet(() -> " · start the dial near "
                                + Words.number(match.startingDial().likely()));
    }

    /** Returns which kinds are ruled out; nothing where none is. */
    static String ruledOut(Match match) {
        List<String> names = match.ruledOut().stream()
                .map(ruledOut -> ruledOut.type().words())
                .toList();
        if (names.isEmpty()) {
            return "";
        }
        String last = names.get(names.size() - 1);
        String list = names.size() == 1 ? last : String.join(", ", names.subList(0, names.size() - 1)) + " and " + last;
        return Words.capital(list) + (names.size() == 1 ? " needle" : " needles") + " ruled out: why";
    }
}
