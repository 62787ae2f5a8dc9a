package belonax.room.life;

import belonax.life.LearntLife;
import belonax.life.ObservedLife;
import belonax.life.Wear;
import belonax.needle.NeedleType;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleRecord;
import belonax.room.needle.NeedleState;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long needles last here: what the lives in this room's log teach, and the book that shows them. */
@Service
public class NeedleLives {
    private static final int MAX_LIVES = 400;
    private static final int MAX_SHOWN = 48;
    private static final int MAX_LEARNT = 6;
    private static final int MAX_PARKED = 60;

    private final NeedleBook book;

    NeedleLives(NeedleBook book) {
        this.book = book;
    }

    /** How long needles of a type last on a kind of work. */
    public record Learnt(NeedleType type, Wear wear, LearntLife life) {}

    /**
     * All that the needle book shows.
     *
     * @param used the needles used last, wherever they are
     * @param learnt how long needles last here, for the kinds and the work of those used last
     * @param inTheJar how many went into the sharps jar since it was emptied
     */
    public record Contents(
            List<NeedleRecord> parked,
            List<NeedleRecord> loose,
            List<NeedleRecord> missing,
            List<NeedleRecord> used,
            List<Learnt> learnt,
            long inTheJar) {}

    /** Returns how long needles of a type last on a kind of work, as the newest 400 lives of this room have it. */
    @Transactional(readOnly = true)
    public LearntLife learnt(NeedleType type, Wear wear) {
        return learnt(book.last(MAX_LIVES), type, wear);
    }

    /** Returns what the needle book shows. */
    @Transactional(readOnly = true)
    public Contents contents() {
        List<NeedleRecord> lives = book.last(MAX_LIVES);
        List<NeedleRecord> used = lives.stream().limit(MAX_SHOWN).toList();
        List<Learnt> learnt = used.stream()
                .filter(needleRecord -> needleRecord.effectiveHours() > 0)
                .map(needleRecord -> Map.entry(needleRecord.needle().type(), needleRecord.mainWear()))
                .distinct()
                .limit(MAX_LEARNT)
                .map(entry ->
                        new Learnt(entry.getKey(), entry.getValue(), learnt(lives, entry.getKey(), entry.getValue())))
                .toList();
        return new Contents(
                book.in(NeedleState.PARKED, MAX_PARKED),
                book.in(NeedleState.LOOSE, MAX_PARKED),
                book.withMissingPieces(),
                used,
                learnt,
                book.inTheJar());
    }

    private static LearntLife learnt(List<NeedleRecord> all, NeedleType type, Wear wear) {
        List<NeedleRecord> lives = all.stream()
                .filter(needleRecord -> needleRecord.needle().type() == type && needleRecord.effectiveHours() > 0)
                .toList();
        return LearntLife.guide().with(observed(lives, wear, true), observed(lives, wear, false));
    }

    private static List<ObservedLife> observed(List<NeedleRecord> lives, Wear wear, boolean same) {
        return lives.stream()
                .filter(needleRecord -> needleRecord.mainWear() == wear == same)
                .map(needleRecord -> new ObservedLife(needleRecord.effectiveHours(), needleRecord.failed()))
                .toList();
    }
}
