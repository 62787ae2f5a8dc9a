package belonax.hazard;

import belonax.LogOdds;

/**
 * What can go wrong. The starting chance is that of an ordinary, well-matched set-up; the severity weighs it when needles
 * are ranked. Source: docs/craft.md, "Hazards".
 */
public enum Hazard {
    /** Skipped stitches. */
    SKIP("skip", 0.015, 2),
    /** The thread frays or breaks. */
    SHRED("shred", 0.012, 2),
    /** The needle bends or breaks. */
    BREAK("break", 0.003, 4),
    /** Holes, ladders, snags, scars. */
    MARK("mark", 0.010, 2),
    /** The seam draws up. */
    PUCKER("pucker", 0.025, 1);

    private final String words;
    private final double startingLogOdds;
    private final double severity;

    Hazard(String words, double startingChance, double severity) {
        this.words = words;
        this.startingLogOdds = LogOdds.of(startingChance);
        this.severity = severity;
    }

    /** Returns the word by which the JSON interface knows it. */
    public String words() {
        return words;
    }

    double startingLogOdds() {
        return startingLogOdds;
    }

    /** Returns how much one sure case of it weighs in the expected harm; a mark weighs 4 on cloth that keeps its holes. */
    double severity(Job job) {
        return this == MARK && job.keepsHoles() ? 4 : severity;
    }
}
