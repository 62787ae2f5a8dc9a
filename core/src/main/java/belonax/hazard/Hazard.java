package belonax.hazard;

import belonax.LogOdds;
import java.util.List;

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

    /** In the order in which a sewist meets them: stitch, cloth, thread, seam, machine. */
    public static final List<Hazard> AS_MET = List.of(SKIP, MARK, SHRED, PUCKER, BREAK);

    private static final double HIGH = 0.15;

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

    /** Returns what a sewist calls it. */
    public String calledBySewists() {
        return this == MARK ? "holes" : words;
    }

    /** Tells whether a chance, 0 to 1, of anything going wrong is high: about one seam in seven. */
    public static boolean isHigh(double chance) {
        return chance >= HIGH;
    }

    double startingLogOdds() {
        return startingLogOdds;
    }

    /** Returns how much one sure case of it weighs in the expected harm; a mark weighs 4 on cloth that keeps its holes. */
    double severity(Job job) {
        return this == MARK && job.keepsHoles() ? 4 : severity;
    }
}
