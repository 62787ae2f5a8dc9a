package belonax.balance;

/** What the top of a strip shows. */
public enum TopFace {
    CLEAN(0, "clean", "Nothing of the bobbin's colour shows."),
    DOTS(1, "dots", "The bobbin's colour shows as dots: the top pulls too hard."),
    LINE(2, "a line", "The top thread lies straight and the bobbin's loops lie over it: the top pulls far too hard."),
    DRAWN_UP(2, "drawn up", "The seam is drawn up and the cloth puckers along it.");

    private final int tightness;
    private final String words;
    private final String meaning;

    TopFace(int tightness, String words, String meaning) {
        this.tightness = tightness;
        this.words = words;
        this.meaning = meaning;
    }

    /** Returns 0 where nothing shows, and up to 2 the harder the top pulls. */
    public int tightness() {
        return tightness;
    }

    public String words() {
        return words;
    }

    /** Returns what is seen and what it tells, a whole sentence. */
    public String meaning() {
        return meaning;
    }
}
