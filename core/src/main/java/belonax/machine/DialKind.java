package belonax.machine;

/** How the top tension is set. */
public enum DialKind {
    NUMBERED("numbers"),
    AUTO("marks, with automatic"),
    KNOB("a plain knob, counted in turns");

    private final String words;

    DialKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
