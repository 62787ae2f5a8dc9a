package belonax.hazard;

/** What the stitching is for. */
public enum Purpose {
    SEAM("a seam"),
    TOPSTITCH("a topstitch line"),
    HEM("a hem"),
    QUILTING("a quilting line"),
    FREE_MOTION("free-motion work"),
    EMBROIDERY("machine embroidery"),
    BUTTONHOLE("a buttonhole"),
    DECORATIVE("a decorative stitch"),
    GATHER("a gathering line"),
    OPENWORK("an openwork line");

    private final String words;

    Purpose(String words) {
        this.words = words;
    }

    /** Returns it in running text with its article, as in “for a hem”. */
    public String words() {
        return words;
    }

    /** Tells whether the stitches stand so close that a stabiliser belongs under them. */
    public boolean isDense() {
        return this == EMBROIDERY || this == DECORATIVE;
    }
}
