package belonax.cloth;

/**
 * Where seams cross, by name: how many layers lie there follows from how they are sewn, so that nobody has to count them.
 * Source: docs/craft.md, "Crossings".
 */
public enum Crossing {
    NONE("no crossing", 0),
    SEAM_OVER_SEAM("a plain seam over a plain seam", 4),
    HEM_OVER_SEAM("a plain hem over a plain seam", 6),
    BINDING_CORNER("a corner of a binding", 8),
    FELLED_HEM("a hem over a felled seam", 9),
    WAISTBAND_OVER_LOOP("a waistband over a belt loop", 10),
    FELLED_OVER_FELLED("a felled seam over a felled seam", 12);

    private static final int SEAM_LAYERS = 2;
    private static final int MOST = 32;

    private final String words;
    private final int ofPlainSeam;

    Crossing(String words, int ofPlainSeam) {
        this.words = words;
        this.ofPlainSeam = ofPlainSeam;
    }

    public String words() {
        return words;
    }

    /** Returns how many layers lie there when a seam of two layers makes it; 0 for none. */
    public int layers() {
        return ofPlainSeam;
    }

    /**
     * Returns how many layers lie there when this stack makes it: a seam that joins four layers has twice as many. Never fewer
     * than the stack itself, never more than 32.
     */
    public int layers(Stack stack) {
        double times = Math.max(1, (double) stack.seamLayers() / SEAM_LAYERS);
        return Math.min(MOST, Math.max(stack.layers(), (int) Math.round(ofPlainSeam * times)));
    }
}
