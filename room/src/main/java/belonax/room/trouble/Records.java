package belonax.room.trouble;

import belonax.life.CareKind;
import java.util.Map;
import java.util.Set;
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

    private static final Set<String> OF_NEEDLES =
            Set.of("NEEDLE_REPLACE", "NEEDLE_TYPE", "NEEDLE_SIZE", "NEEDLE_SYSTEM");
    private static final Map<String, CareKind> DATED =
            Map.of("CLEAN_HOOK_AREA", CareKind.CLEAN, "OIL", CareKind.OIL, "SERVICE", CareKind.SERVICE);

    private final String words;
    private final String done;

    Records(String words, String done) {
        this.words = words;
        this.done = done;
    }

    public static Records of(String check) {
        if (OF_NEEDLES.contains(check)) {
            return NEEDLE;
        }
        if (DATED.containsKey(check)) {
            return CARE;
        }
        return switch (check) {
            case "TOP_DIAL" -> DIAL;
            case "THREAD_QUALITY" -> SPOOL;
            default -> NOTHING;
        };
    }

    /** Returns what is dated by a check, if it dates anything. */
    static @Nullable CareKind dated(String check) {
        return DATED.get(check);
    }

    /** Tells whether the needle that is taken out had failed: another type or size may sew on elsewhere. */
    public static boolean failsTheNeedle(String check) {
        return check.equals("NEEDLE_REPLACE");
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
