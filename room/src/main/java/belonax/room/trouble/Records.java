package belonax.room.trouble;

import belonax.fault.Check;
import belonax.life.CareKind;
import org.jspecify.annotations.Nullable;

/** What a check changes beside the search: what is in the machine, its dial, its spool or its dates. */
public enum Records {
    NEEDLE(
            "Your answer puts it into the strip, and the old one into the sharps jar or beside the machine.",
            "The strip shows the needle that is in now."),
    CARE("Found it? Then today's date is written down for the bench.", "Today's date is written down for the bench."),
    DIAL(
            "Found it? Then the strip shows the dial where you set it back.",
            "The strip shows the dial where you set it."),
    SPOOL(
            "Found it? Then that spool is marked as bad, and no longer offered.",
            "The spool is marked as bad in the drawer."),
    NOTHING("", "");

    private final String words;
    private final String done;

    Records(String words, String done) {
        this.words = words;
        this.done = done;
    }

    public static Records of(Check check) {
        return switch (check.onRecord()) {
            case NOTHING -> NOTHING;
            case NEEDLE_FAILED, NEEDLE_CHANGED -> NEEDLE;
            case CLEANED, OILED, SERVICED -> CARE;
            case DIAL_SET -> DIAL;
            case SPOOL_BAD -> SPOOL;
        };
    }

    /** Returns what is dated by a check, if it dates anything. */
    static @Nullable CareKind dated(Check check) {
        return switch (check.onRecord()) {
            case CLEANED -> CareKind.CLEAN;
            case OILED -> CareKind.OIL;
            case SERVICED -> CareKind.SERVICE;
            default -> null;
        };
    }

    /** Returns what an answer will write down, a whole sentence. */
    public String words() {
        return words;
    }

    /** Returns what an answer has written down. */
    public String done() {
        return done;
    }
}
