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
        for (Scrap scrap : scraps) {
            if (scrap.speaksOf(needle.type(), needle.size())) {
                moved = scrap.showed() == Scrap.Showed.CLEAN
                        ? moved.loweredBy(-CLEAN)
                        : moved.raisedBy(scrap.showed().hazard(), WENT_WRONG);
            }
        }
        return moved;
    }

    /** Tells whether something went wrong with this needle. */
    boolean speakAgainst(Needle needle) {
        return scraps.stream()
                .anyMatch(
                        scrap -> scrap.showed() != Scrap.Showed.CLEAN && scrap.speaksOf(needle.type(), needle.size()));
    }

    List<Reason> reasons(Needle needle) {
        return scraps.stream()
                .filter(scrap -> scrap.speaksOf(needle.type(), needle.size()))
                .map(scrap -> new Reason(
                        scrap.showed().hazard(),
                        scrap.showed() == Scrap.Showed.HOLES || scrap.showed() == Scrap.Showed.BENT
                                ? Part.NEEDLE_SIZE
                                : Part.NEEDLE_TYPE,
                        scrap.showed() == Scrap.Showed.CLEAN ? CLEAN : WENT_WRONG,
                        scrap.words()))
                .distinct()
                .toList();
    }
}
