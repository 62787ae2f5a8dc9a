package belonax.life;

/** What tells of a point that cannot be seen: heard, felt or seen in the seam. */
public enum Sign {
    THUMP("thump", true, "A thump at every stitch is a blunt or hooked point."),
    CLICK("click", true, "A click is metal on metal: stop, and look at needle, plate and hook."),
    POP("pop", true, "A pop at every stitch is a point that punches instead of parting."),
    LOUDER("louder than before", false, "A stitch grown louder is often a point grown dull."),
    SKIP("skipped stitches", true, "Skips that begin in the middle of a seam are often the needle."),
    SNAG("snags or ladders", true, "A burr on the point catches yarns."),
    FRAYS("thread frays", true, "A worn or rough eye frays the thread.");

    private final String words;
    private final boolean actsAtOnce;
    private final String meaning;

    Sign(String words, boolean actsAtOnce, String meaning) {
        this.words = words;
        this.actsAtOnce = actsAtOnce;
        this.meaning = meaning;
    }

    public String words() {
        return words;
    }

    /** Tells whether one such sign is enough to change the needle. */
    public boolean actsAtOnce() {
        return actsAtOnce;
    }

    /** Returns what it tells, a whole sentence. */
    public String meaning() {
        return meaning;
    }
}
