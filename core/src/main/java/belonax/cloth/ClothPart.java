package belonax.cloth;

/** The part a cloth plays in a stack. Source: docs/craft.md, "Stacks". */
public enum ClothPart {
    /** The seam joins it: what the table of types forbids is asked of it. */
    CARRIES("the seam joins it"),
    /** It helps: interfacing, stabiliser, paper, batting, tapes, elastic. It adds weight and hazards, and forbids no needle. */
    HELPS("it only helps: interfacing, tape, stabiliser, elastic, batting");

    private final String words;

    ClothPart(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
