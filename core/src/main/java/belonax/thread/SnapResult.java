package belonax.thread;

/**
 * Pull 20 cm of thread sharply. A good thread resists and cuts into the finger; a dead one parts at once or in several
 * places. Source: docs/craft.md, "Ageing".
 */
public enum SnapResult {
    NOT_TESTED("not tested yet", ""),
    RESISTS("resists and cuts into the finger", "It is sound: sew with it."),
    PARTS_AT_ONCE("parts at once", "It is dead: it will break in the machine and in the seam. Throw it out."),
    SEVERAL_PLACES("parts in several places", "It is dead along its length: throw it out."),
    FRAYS("stretches and frays before it parts", "It is tired: keep it for basting, not for seams or at speed.");

    private final String words;
    private final String verdict;

    SnapResult(String words, String verdict) {
        this.words = words;
        this.verdict = verdict;
    }

    /** Returns what was seen. */
    public String words() {
        return words;
    }

    /** Returns what that means, a whole sentence; empty when nothing was seen. */
    public String verdict() {
        return verdict;
    }

    /** Tells whether seams should not be sewn with it. */
    public boolean isBad() {
        return this != NOT_TESTED && this != RESISTS;
    }
}
