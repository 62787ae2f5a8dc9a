package belonax.balance;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * How often a sewist took one thing for another: seen against true, with top and underside counted together as mirror images.
 * Each row starts from the field's one in twelve by one step and is worth twelve answers, so that a few slips change little and
 * many much. Source: docs/craft.md, "Practice".
 */
public final class Slips {
    /** So many answers the field's table is worth in each row. */
    public static final int WORTH = 12;

    /** What is seen, as it lies to what is there: on its own face, or on the other one. */
    public enum Mirrored {
        CLEAN,
        DOTS,
        LINE,
        OTHER_DOTS,
        OTHER_LINE,
        DRAWN_UP,
        NEST
    }

    /** What can be there, either face. */
    public static final List<Mirrored> ROWS =
            List.of(Mirrored.CLEAN, Mirrored.DOTS, Mirrored.LINE, Mirrored.DRAWN_UP, Mirrored.NEST);

    private static final double ONE_STEP = 1.0 / 12;
    private static final double TOO_OFTEN = 1.0 / 8;
    private static final int ENOUGH = 20;
    private static final double SURE = 0.95;
    private static final List<Reading> EITHER_DOTS = List.of(Reading.TOP_DOTS, Reading.DOTS);
    private static final List<Reading> EITHER_LINE = List.of(Reading.TOP_LINE, Reading.LOOPS);
    private static final Slips NONE = new Slips(Map.of());

    private final Map<Mirrored, Map<Mirrored, Integer>> counted;

    private Slips(Map<Mirrored, Map<Mirrored, Integer>> counted) {
        this.counted = counted;
    }

    /** Nothing was counted yet: reads as most do. */
    public static Slips none() {
        return NONE;
    }

    /** One thing that was read, and what it truly was. */
    public record Read(Reading truly, Reading seen) {}

    /** Returns what so many readings come to. */
    public static Slips of(Stream<Read> all) {
        Map<Mirrored, Map<Mirrored, Integer>> counted = new EnumMap<>(Mirrored.class);
        all.filter(read -> read.truly() != Reading.TIGHT && read.seen() != Reading.TIGHT)
                .forEach(read -> counted.computeIfAbsent(row(read.truly()), any -> new EnumMap<>(Mirrored.class))
                        .merge(mirrored(read.truly(), read.seen()), 1, Integer::sum));
        return counted.isEmpty() ? NONE : new Slips(counted);
    }

    /** Returns how many readings of a row were counted. */
    public int answers(Mirrored row) {
        return counted.getOrDefault(row, Map.of()).values().stream()
                .mapToInt(number -> number)
                .sum();
    }

    public int answers() {
        return ROWS.stream().mapToInt(this::answers).sum();
    }

    /** Returns the chance that this is seen where that is, 0 to 1. */
    public double chance(Mirrored row, Mirrored seen) {
        int times = counted.getOrDefault(row, Map.of()).getOrDefault(seen, 0);
        return (WORTH * usual(row, seen) + times) / (WORTH + answers(row));
    }

    /** Returns what this table means for balancing, in whole sentences; nothing where one reads as most do. */
    public List<String> told() {
        List<String> told = new ArrayList<>();
        if (reader().cleanToSettle() > Reader.field().cleanToSettle()) {
            told.add(
                    "You take dots for clean " + often(chance(Mirrored.DOTS, Mirrored.CLEAN))
                            + ", so Balance asks you for one clean strip more before it keeps a dial: tilt the strip to the light, and turn it over.");
        }
        double across = chance(Mirrored.DOTS, Mirrored.OTHER_DOTS) + chance(Mirrored.DOTS, Mirrored.OTHER_LINE);
        if (across > TOO_OFTEN) {
            told.add(
                    "You take the one face for the other " + often(across)
                            + ": the trouble lies on the face opposite the slack thread, so look which colour stands where it should not.");
        }
        double drawnUp = 1 - chance(Mirrored.DRAWN_UP, Mirrored.DRAWN_UP);
        if (drawnUp > 1.0 / 4) {
            told.add("You read a drawn-up seam as something else " + often(drawnUp)
                    + ": where no face shows the other thread and the cloth still puckers, both pull too hard.");
        }
        if (answers() >= ENOUGH && told.isEmpty() && chance(Mirrored.CLEAN, Mirrored.CLEAN) > SURE) {
            told.add("You read strips more surely than most, so Balance needs fewer of them.");
        }
        return told;
    }

    private static String often(double chance) {
        return "one time in " + Math.max(2, Math.round(1 / chance));
    }

    /** Returns the table by which the advisor reads this sewist's strips; the field's where nothing was counted. */
    public Reader reader() {
        if (counted.isEmpty()) {
            return Reader.field();
        }
        Map<Reading, Map<Reading, Double>> rows = new EnumMap<>(Reading.class);
        for (Reading truly : Reading.values()) {
            if (truly != Reading.TIGHT && answers(row(truly)) > 0) {
                rows.put(truly, row(truly, row(truly)));
            }
        }
        return Reader.of(rows);
    }

    private Map<Reading, Double> row(Reading truly, Mirrored row) {
        Map<Reading, Double> chances = new EnumMap<>(Reading.class);
        for (Mirrored seen : Mirrored.values()) {
            List<Reading> as = readings(truly, seen);
            as.forEach(reading -> chances.merge(reading, chance(row, seen) / as.size(), Double::sum));
        }
        return chances;
    }

    /** What a mirrored reading is on the faces of this one; loops and a line below count as one. */
    private static List<Reading> readings(Reading truly, Mirrored seen) {
        return switch (seen) {
            case CLEAN -> List.of(Reading.CLEAN);
            case DOTS -> byFace(truly, List.of(Reading.TOP_DOTS), List.of(Reading.DOTS), EITHER_DOTS);
            case OTHER_DOTS -> byFace(truly, List.of(Reading.DOTS), List.of(Reading.TOP_DOTS), EITHER_DOTS);
            case LINE -> {
                Reading below = truly == Reading.LINE ? Reading.LINE : Reading.LOOPS;
                yield byFace(truly, List.of(Reading.TOP_LINE), List.of(below), EITHER_LINE);
            }
            case OTHER_LINE ->
                byFace(truly, List.of(Reading.LOOPS, Reading.LINE), List.of(Reading.TOP_LINE), EITHER_LINE);
            case DRAWN_UP -> List.of(Reading.DRAWN_UP);
            case NEST -> List.of(Reading.NEST);
        };
    }

    private static List<Reading> byFace(
            Reading truly, List<Reading> above, List<Reading> below, List<Reading> onNeither) {
        return isAbove(truly) ? above : isBelow(truly) ? below : onNeither;
    }

    /** Returns the row in which this is counted. */
    public static Mirrored row(Reading truly) {
        return switch (truly) {
            case CLEAN, TIGHT -> Mirrored.CLEAN;
            case TOP_DOTS, DOTS -> Mirrored.DOTS;
            case TOP_LINE, LOOPS, LINE -> Mirrored.LINE;
            case DRAWN_UP -> Mirrored.DRAWN_UP;
            case NEST -> Mirrored.NEST;
        };
    }

    private static Mirrored mirrored(Reading truly, Reading seen) {
        Mirrored its = row(seen);
        boolean onAFace = its == Mirrored.DOTS || its == Mirrored.LINE;
        boolean across = onAFace && (isBelow(truly) && !isBelow(seen) || isAbove(truly) && isBelow(seen));
        return across ? its == Mirrored.DOTS ? Mirrored.OTHER_DOTS : Mirrored.OTHER_LINE : its;
    }

    private static boolean isAbove(Reading reading) {
        return reading == Reading.TOP_DOTS || reading == Reading.TOP_LINE;
    }

    private static boolean isBelow(Reading reading) {
        return reading == Reading.DOTS || reading == Reading.LOOPS || reading == Reading.LINE;
    }

    /** The field's table, mirrored: mostly right, else one step off. */
    private static double usual(Mirrored row, Mirrored seen) {
        if (row == seen) {
            return row == Mirrored.NEST ? 1 : 1 - ONE_STEP;
        }
        return switch (row) {
            case CLEAN -> seen == Mirrored.DOTS ? ONE_STEP : 0;
            case DOTS -> seen == Mirrored.CLEAN || seen == Mirrored.LINE ? ONE_STEP / 2 : 0;
            case LINE -> seen == Mirrored.DOTS ? ONE_STEP : 0;
            case DRAWN_UP -> seen == Mirrored.CLEAN || seen == Mirrored.LINE ? ONE_STEP / 2 : 0;
            default -> 0;
        };
    }
}
