package belonax.match;

import belonax.hazard.Hazard;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;

/**
 * What a scrap of this very cloth showed when it was sewn with a needle. Source: docs/craft.md, "What the scrap showed".
 *
 * @param type kind of needle
 * @param size its size
 * @param showed what was seen
 */
public record Scrap(NeedleType type, NeedleSize size, Showed showed) {

    /** What is seen on a scrap. */
    public enum Showed {
        CLEAN("clean", Hazard.SKIP, "sewed your scrap clean"),
        HOLES("holes that show", Hazard.MARK, "left holes that show on your scrap"),
        BENT("it bent or broke", Hazard.BREAK, "bent or broke on your scrap"),
        FRAYED("the thread frayed", Hazard.SHRED, "frayed the thread on your scrap");

        private final String words;
        private final Hazard hazard;
        private final String did;

        Showed(String words, Hazard hazard, String did) {
            this.words = words;
            this.hazard = hazard;
            this.did = did;
        }

        public String words() {
            return words;
        }

        Hazard hazard() {
            return hazard;
        }
    }

    /**
     * Tells whether it says something about a size: holes about every larger one, a bent blade and frayed thread about every smaller
     * one, a clean scrap about itself.
     */
    boolean speaksOf(NeedleType other, NeedleSize otherSize) {
        int by = otherSize.compareTo(size);
        return other == type
                && switch (showed) {
                    case CLEAN -> by == 0;
                    case HOLES -> by >= 0;
                    case BENT, FRAYED -> by <= 0;
                };
    }

    /** Returns what happened, a whole sentence. */
    String words() {
        return "A " + type.words() + " " + size + " " + showed.did + ".";
    }
}
