package belonax.web.match;

import belonax.hazard.Verdict;
import belonax.match.Match;
import belonax.match.Recommendation;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.Words;
import belonax.room.supply.NeedleSupply.AtHand;
import belonax.web.shared.NeedleWord;
import belonax.web.shared.drawing.NeedlePortrait;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A needle drawn, with its name and verdict. */
public record PortraitShown(
        NeedlePortrait drawing,
        String name,
        String size,
        String verdict,
        boolean isBest,
        String atHand,
        @Nullable String word) {
    private static final int PORTRAITS = 3;
    private static final double ROOM_PX = 490;
    private static final double BESIDE_PX = 26;

    /** The best needle, then the best of other types; the last place goes to a usual mistake where fewer would do. */
    static List<PortraitShown> of(Match match, List<AtHand> atHand) {
        List<PortraitShown> shown = new ArrayList<>();
        List<NeedleType> seen = new ArrayList<>();
        for (Recommendation candidate : match.recommendations()) {
            PortraitShown next = portrait(candidate, MatchWords.verdict(match, candidate), shown.isEmpty(), atHand);
            if (shown.size() < PORTRAITS && !seen.contains(candidate.needle().point()) && hasRoom(shown, next)) {
                seen.add(candidate.needle().point());
                shown.add(next);
            }
        }
        boolean universalRuledOut =
                match.ruledOut().stream().anyMatch(ruledOut -> ruledOut.type() == NeedleType.UNIVERSAL);
        if (universalRuledOut && match.best().needle().system() == NeedleSystem.H_130_705) {
            Needle mistake = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);
            PortraitShown last = portrait(mistake, Verdict.AVOID.words(), false, "", null);
            while (shown.size() > 1 && (shown.size() == PORTRAITS || !hasRoom(shown, last))) {
                shown.remove(shown.size() - 1);
            }
            shown.add(last);
        }
        return shown;
    }

    /** Twins are drawn wider, so fewer of them stand side by side. */
    private static boolean hasRoom(List<PortraitShown> shown, PortraitShown next) {
        double taken = next.drawing().widthPx() + BESIDE_PX;
        for (PortraitShown portraitShown : shown) {
            taken += portraitShown.drawing().widthPx() + BESIDE_PX;
        }
        return taken <= ROOM_PX;
    }

    private static PortraitShown portrait(
            Recommendation candidate, String verdict, boolean isBest, List<AtHand> atHand) {
        return portrait(
                candidate.needle(),
                verdict,
                isBest,
                HandWords.of(candidate.needle(), atHand),
                candidate.verdict() == Verdict.AVOID ? null : NeedleWord.inAddress(candidate.needle()));
    }

    private static PortraitShown portrait(
            Needle needle, String verdict, boolean isBest, String atHand, @Nullable String word) {
        String name = Words.capital(needle.point().words())
                + (needle.type().isMultiple() ? " " + needle.type().words() : "");
        return new PortraitShown(
                NeedlePortrait.of(needle), name, needle.size().toString(), verdict, isBest, atHand, word);
    }
}
