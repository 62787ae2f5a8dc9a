package belonax.cloth;

/** How closely the yarns lie, loosest first. */
public enum Density {
    OPEN("open"),
    NORMAL("normal"),
    TIGHT("tight");

    private final String words;

    Density(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
