package belonax.balance;

/** What somebody turned already, before the first strip: asked first, because one thing was often moved to make up for another. */
public enum Touched {
    NOTHING("nothing, as far as I know", ""),
    DIAL(
            "the top dial",
            "The dial was turned already: where it stood tells nothing any more. It goes to the setting named here, and the strips"
                    + " decide."),
    SCREW(
            "the bobbin's screw",
            "The bobbin's screw was turned already, and no dial makes up for that: test the bobbin's pull before the first strip, and"
                    + " put it right an eighth of a turn at a time.");

    private final String words;
    private final String advice;

    Touched(String words, String advice) {
        this.words = words;
        this.advice = advice;
    }

    public String words() {
        return words;
    }

    /** Returns what follows from it, whole sentences; empty where nothing does. */
    public String advice() {
        return advice;
    }
}
