package belonax.room.archive;

import belonax.room.Words;
import java.time.Instant;
import java.util.Locale;

/**
 * A copy of the whole room, as it was at one moment.
 *
 * @param name of its folder
 * @param holds what is in it
 * @param bytes of it, its pictures and manuals among them
 */
public record Copy(String name, Instant madeAt, Why why, Holds holds, long bytes) {
    private static final double MEBI = 1 << 20;

    /** Why a copy was made. */
    public enum Why {
        DAILY("the day's own"),
        BEFORE_ARCHIVE("before an archive was taken in"),
        BEFORE_TABLE("before a table was taken in"),
        BEFORE_EMPTYING("before everything was taken out"),
        BEFORE_GOING_BACK("before going back to another copy");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Tells whether it is the way back from something that was done to the whole room. */
        boolean isBefore() {
            return this != DAILY;
        }
    }

    /** How many things are in it. */
    public record Holds(int machines, int needles, int events, int cards, int pictures, int manuals) {
        /** Returns them in words. */
        public String words() {
            return String.join(
                    ", ",
                    Words.count(machines, "machine"),
                    Words.count(needles, "needle"),
                    Words.count(events, "happening"),
                    Words.count(cards, "card"),
                    Words.count(pictures, "picture"),
                    Words.count(manuals, "manual"));
        }
    }

    /** Returns its size in words. */
    public String size() {
        return String.format(Locale.ROOT, "%.1f MB", bytes / MEBI);
    }
}
