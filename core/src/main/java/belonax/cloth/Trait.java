package belonax.cloth;

/** What makes a cloth awkward. */
public enum Trait {
    DELICATE("snags and shows holes"),
    PILE("has a pile"),
    COATED("coated"),
    STICKY("drags on the foot"),
    ABRASIVE("wears needles: metal, glue, paper or sequins"),
    LOFTY("lofty"),
    PERMANENT_HOLES("keeps every hole");

    private final String words;

    Trait(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
