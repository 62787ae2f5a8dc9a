package belonax.cloth;

/** What makes a cloth awkward. */
public enum Trait {
    DELICATE("snags and shows holes"),
    PILE("has a pile"),
    COATED("coated"),
    STICKY("drags on the foot"),
    ABRASIVE("wears needles: metal, glue, paper or sequins"),
    LOFTY("lofty"),
    PERMANENT_HOLES("keeps every hole"),
    /** The blade may cut a rubber yarn, and a seam over it must go on giving. */
    RUBBER("has rubber in it"),
    /** Zip teeth, sequins, beads: a needle that meets one is finished. */
    TEETH("has teeth, sequins or beads that a needle can hit");

    private final String words;

    Trait(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
