package belonax.match;

import belonax.hazard.Part;
import belonax.hazard.Prediction;
import belonax.hazard.Reason;
import belonax.needle.Needle;
import java.util.List;

/** What scraps of this cloth showed, as evidence: it moves the hazards of the needles that it speaks of. */
final class ScrapEvidence {
    /** What was seen to go wrong on this very cloth is about twelve times as likely to go wrong again. */
    private static final double WENT_WRONG = 2.5;

    private static final double CLEAN = -0.7;

    private final List<Scrap> scraps;

    ScrapEvidence(List<Scrap> scraps) {
        this.scraps = scraps;
    }

    Prediction on(Prediction prediction) {
        Prediction moved = prediction;
        Needle needle = prediction.needle().needle();
        for (Scrap it : scraps) {
            if (it.speaksOf(needle.type(), needle.size())) {
                moved = it.showed() == Scrap.Showed.CLEAN
                        ? moved.loweredBy(-CLEAN)
                        : moved.raisedBy(it.showed().hazard(), WENT_WRONG);
            }
        }
        return moved;
    }

    /** Tells whether something went wrong with this needle. */
    boolean speakAgainst(Needle needle) {
        return scraps.stream()
                .anyMatch(it -> it.showed() != Scrap.Showed.CLEAN && it.speaksOf(needle.type(), needle.size()));
    }

    List<Reason> reasons(Needle needle) {
        return scraps.stream()
                .filter(it -> it.speaksOf(needle.type(), needle.size()))
                .map(it -> new Reason(
                        it.showed().hazard(),
                        it.showed() == Scrap.Showed.HOLES || it.showed() == Scrap.Showed.BENT
                                ? Part.NEEDLE_SIZE
                                : Part.NEEDLE_TYPE,
                        it.showed() == Scrap.Showed.CLEAN ? CLEAN : WENT_WRONG,
                        it.words()))
                .distinct()
                .toList();
    }
}
