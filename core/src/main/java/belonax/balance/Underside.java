package belonax.balance;

/** What the underside of a strip shows. */
public enum Underside {
    CLEAN(0, "clean", "Nothing of the top colour shows."),
    DOTS(1, "dots", "The top colour shows as dots: the top pulls too little."),
    LOOPS(2, "loops", "The top thread hangs in loops: the top pulls far too little, whatever the bobbin does."),
    LINE(2, "a line", "The bobbin thread lies straight and draws out easily: the top pulls far too little."),
    TIGHT(0, "pulled tight", "Drawn in: to some the top is too tight, to others too loose; the second colour decides."),
    NEST(0, "a nest", "A tangle right from the start: not a matter of the dial, the top thread is not in its discs.");

    private final int looseness;
    private final String words;
    private final String meaning;

    Underside(int looseness, String words, String meaning) {
        this.looseness = looseness;
        this.words = words;
        this.meaning = meaning;
    }

    /** Returns 0 where it tells nothing of the dial, and up to 2 the less the top pulls. */
    public int looseness() {
        return looseness;
    }

    public String words() {
        return words;
    }

    /** Returns what is seen and what it tells, a whole sentence. */
    public String meaning() {
        return meaning;
    }
}
