package belonax.web.match;

import belonax.hazard.Verdict;
import belonax.match.Match;
import belonax.needle.Needle;
import belonax.room.supply.NeedleSupply.AtHand;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the sewist has at hand, in words: parked with so many hours, or so many in the drawer. */
final class HandWords {
    private HandWords() {}

    /** Returns what is at hand of the advised needle, and what would do a shade better. */
    static String ofAnswer(Match match, List<AtHand> atHand) {
        if (atHand.isEmpty() || match.best().verdict() == Verdict.AVOID) {
            return "";
        }
        String here = of(match.best().needle(), atHand);
        String better = match.passedOver()
                .map(candidate -> "; " + candidate.needle().words() + " would do a shade better")
                .orElse("");
        return here.isEmpty() ? "none in your drawer" + next(match, atHand) : here + better;
    }

    private static String next(Match match, List<AtHand> atHand) {
        return match.recommendations().stream()
                .filter(candidate -> candidate.verdict() != Verdict.AVOID)
                .filter(candidate ->
                        atHand.stream().anyMatch(owned -> owned.needle().equals(candidate.needle())))
                .findFirst()
                .map(candidate -> "; " + candidate.needle().words() + " is there, "
                        + candidate.verdict().words())
                .orElse("");
    }

    /** Returns what is at hand of a needle; empty where nothing is. */
    static String of(Needle needle, List<AtHand> atHand) {
        return atHand.stream()
                .filter(hand -> hand.needle().equals(needle))
                .findFirst()
                .map(HandWords::of)
                .orElse("");
    }

    private static String of(AtHand atHand) {
        List<String> parts = new ArrayList<>();
        atHand.parked()
                .map(parked -> String.format(
                        Locale.ROOT,
                        "one parked with %.1f h%s",
                        parked.effectiveHours(),
                        parked.keptAt().isBlank() ? "" : " (" + parked.keptAt() + ")"))
                .ifPresent(parts::add);
        if (atHand.inPackets() > 0) {
            parts.add(atHand.inPackets() + " in your drawer");
        }
        return String.join(", ", parts);
    }
}
