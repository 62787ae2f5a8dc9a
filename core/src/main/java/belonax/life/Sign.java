package belonax.life;

/**
 * What tells of trouble at the needle: heard, felt or seen in the seam. On a needle that hardly sewed it seldom tells of wear.
 * Source: docs/craft.md, "When to change".
 */
public enum Sign {
    THUMP(
            "thump",
            true,
            "A thump at every stitch is a blunt or hooked point.",
            "a seat too low is likelier, or a type that does not suit this cloth"),
    CLICK(
            "click",
            true,
            "A click is metal on metal: stop, and look at needle, plate and hook.",
            "something is struck. Stop, and look at plate, foot and hook"),
    POP(
            "pop",
            true,
            "A pop at every stitch is a point that punches instead of parting.",
            "a point or a size that does not suit this cloth is likelier"),
    LOUDER(
            "louder than before",
            false,
            "A stitch grown louder is often a point grown dull.",
            "lint about the hook or a dry machine is likelier"),
    SKIP(
            "skipped stitches",
            true,
            "Skips that begin in the middle of a seam are often the needle.",
            "its seat, its type or the threading is likelier"),
    SNAG(
            "snags or ladders",
            true,
            "A burr on the point catches yarns.",
            "the wrong point is likelier, or a burr from its packet"),
    FRAYS(
            "thread frays",
            true,
            "A worn or rough eye frays the thread.",
            "an eye too small, the threading or old thread is likelier"),
    METAL("metal", true, "A sound of metal is a strike: stop, power off.", "something is struck. Stop, power off"),
    LOOPS(
            "loops below",
            false,
            "Loops below are the top thread's doing, seldom the needle's.",
            "the top thread is not in its discs, or the dial is far off");

    private final String words;
    private final boolean actsAtOnce;
    private final String meaning;
    private final String whenFresh;

    Sign(String words, boolean actsAtOnce, String meaning, String whenFresh) {
        this.words = words;
        this.actsAtOnce = actsAtOnce;
        this.meaning = meaning;
        this.whenFresh = whenFresh;
    }

    public String words() {
        return words;
    }

    /** Tells whether one such sign is enough to change a needle that has sewn for a while. */
    public boolean actsAtOnce() {
        return actsAtOnce;
    }

    /** Tells whether it may tell of the needle at all. */
    public boolean isOfTheNeedle() {
        return this != LOOPS;
    }

    /** Returns what it tells, a whole sentence. */
    public String meaning() {
        return meaning;
    }

    /** Returns what is likelier than wear on a needle that hardly sewed, in running text. */
    String whenFresh() {
        return whenFresh;
    }
}
