package belonax.practice;

/** What is read in a drill. */
public enum DrillKind {
    STRIP("strips", true),
    NEEDLE("needles", true),
    LABEL("labels", false),
    CHECK("checks", false),
    CLOTH("cloth", false);

    private final String words;
    private final boolean needsEyes;

    DrillKind(String words, boolean needsEyes) {
        this.words = words;
        this.needsEyes = needsEyes;
    }

    /** Returns what is read, in the plural. */
    public String words() {
        return words;
    }

    /** Tells whether its question lies in a drawing; the others are words alone. */
    public boolean needsEyes() {
        return needsEyes;
    }
}
