package belonax.machine;

/** What decides who may oil, open and turn what. */
public enum MachineKind {
    MECHANICAL(
            "mechanical",
            "Dials and levers that click choose the stitch; the wheel stops the needle wherever it happens to be."),
    COMPUTER_CONTROLLED(
            "computer-controlled",
            "Buttons or a screen choose the stitch, or it starts without a pedal, or the needle parks itself up or down."),
    OVERLOCKER(
            "overlocker",
            "Three or more threads on cones, a knife beside the needle, and no bobbin: it trims and wraps the edge."),
    COVERLOCK(
            "coverlock",
            "Two or three needles and a looper, no knife and no bobbin: two rows on top, a web below. Many are overlockers too.");

    private final String words;
    private final String tells;

    MachineKind(String words, String tells) {
        this.words = words;
        this.tells = tells;
    }

    /** Returns by what one knows it, a whole sentence. */
    public String tells() {
        return tells;
    }

    public String words() {
        return words;
    }

    /** Tells whether it sews with loopers instead of a bobbin. */
    public boolean hasLoopers() {
        return this == OVERLOCKER || this == COVERLOCK;
    }
}
