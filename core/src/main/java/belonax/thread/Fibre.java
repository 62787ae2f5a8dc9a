package belonax.thread;

/** What a thread is made of. Densities are those of the guide. Source: docs/craft.md, "Thread diameter". */
public enum Fibre {
    POLYESTER("polyester", 1380),
    COTTON("cotton", 1540),
    SILK("silk", 1340),
    RAYON("rayon", 1520),
    NYLON("nylon", 1140),
    METALLIC("metallic", 1400);

    private final String words;
    private final double densityKgPerM3;

    Fibre(String words, double densityKgPerM3) {
        this.words = words;
        this.densityKgPerM3 = densityKgPerM3;
    }

    public String words() {
        return words;
    }

    /** Returns the density of the solid fibre in kilograms per cubic metre. */
    public double densityKgPerM3() {
        return densityKgPerM3;
    }
}
