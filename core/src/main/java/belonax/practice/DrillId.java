package belonax.practice;

import belonax.BadInput;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.CRC32;

/**
 * Names a drill, so that it can be made again to judge the answer: nothing is kept of a drill that nobody answers. It says of
 * what kind and how hard it is, never what is right.
 *
 * @param level 0 to {@value #HARDEST}
 * @param seed what the drill is made from, at least 0 and below 2 to the 48th
 */
public record DrillId(DrillKind kind, int level, long seed) {
    /** The hardest level. */
    public static final int HARDEST = 2;

    private static final long SEEDS = 1L << 48;
    private static final Pattern WRITTEN = Pattern.compile("([a-z]+)-([0-2])-([0-9a-f]{12})-([0-9a-f]{8})");

    /** Returns the name for a seed of any size. */
    public static DrillId of(DrillKind kind, int level, long seed) {
        return new DrillId(kind, level, Math.floorMod(seed, SEEDS));
    }

    /**
     * Reads a name.
     *
     * @throws BadInput if there is no such drill
     */
    public static DrillId read(String text) {
        Matcher matcher = WRITTEN.matcher(text);
        if (matcher.matches()) {
            for (DrillKind kind : DrillKind.values()) {
                if (kind.name().toLowerCase(Locale.ROOT).equals(matcher.group(1))) {
                    DrillId id =
                            new DrillId(kind, Integer.parseInt(matcher.group(2)), Long.parseLong(matcher.group(3), 16));
                    if (id.toString().equals(text)) {
                        return id;
                    }
                }
            }
        }
        throw new BadInput("id", "There is no such drill. Ask for one, and answer that.");
    }

    @Override
    public String toString() {
        String told = "%s-%d-%012x".formatted(kind.name().toLowerCase(Locale.ROOT), level, seed);
        CRC32 check = new CRC32();
        check.update(told.getBytes(StandardCharsets.UTF_8));
        return told + "-%08x".formatted(check.getValue());
    }
}
