package belonax.thread;

/** How a thread is put together, which decides how much of its round is fibre and how much is air. */
public enum Build {
    SPUN("spun", 0.60),
    CORESPUN("corespun", 0.60),
    FILAMENT("filament", 0.75),
    BONDED("bonded", 0.75),
    MONOFILAMENT("monofilament", 1.0),
    METALLIC("metallic", 0.60),
    TEXTURED("textured", 0.40),
    WAXED("wax-coated", 0.60);

    private final String words;
    private final double packing;

    Build(String words, double packing) {
        this.words = words;
        this.packing = packing;
    }

    public String words() {
        return words;
    }

    /** Returns the share of the cross-section that is fibre, above 0 and at most 1. */
    public double packing() {
        return packing;
    }
}
