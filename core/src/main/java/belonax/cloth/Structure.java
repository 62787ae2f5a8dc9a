package belonax.cloth;

/** How a cloth holds together. */
public enum Structure {
    WOVEN("woven"),
    KNIT("knit"),
    NONWOVEN("nonwoven"),
    HIDE("hide"),
    FILM("film");

    private final String words;

    Structure(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
