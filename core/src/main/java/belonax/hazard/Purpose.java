package belonax.hazard;

/** What the stitching is for. */
public enum Purpose {
    SEAM("seam"),
    TOPSTITCH("topstitch line"),
    HEM("hem"),
    QUILTING("quilting line"),
    FREE_MOTION("free-motion work"),
    EMBROIDERY("machine embroidery"),
    BUTTONHOLE("buttonhole"),
    DECORATIVE("decorative stitch"),
    GATHER("gathering line"),
    OPENWORK("openwork line");

    private final String words;

    Purpose(String words) {
        this.words = words;
    }

    /** Returns it in running text, as in “for a hem”. */
    public String words() {
        return words;
    }

    /** Tells whether the stitches stand so close that a stabiliser belongs under them. */
    public boolean isDense() {
        return this == EMBROIDERY || this == DECORATIVE;
    }
}
