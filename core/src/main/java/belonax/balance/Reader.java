package belonax.balance;

import belonax.BadInput;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/**
 * How a sewist reads strips: for each thing that is truly there, the chances of what is seen. The field's table says that one
 * strip in twelve is misread by one step. Source: docs/craft.md, "The stitch".
 */
public final class Reader {
    private static final double MISREAD = 1.0 / 12;
    private static final double ADDS_UP_WITHIN = 1e-6;
    /** From here on somebody takes dots for clean too often for two clean strips to settle a balance. */
    private static final double DOTS_FOR_CLEAN = 1.0 / 8;

    private static final Reader FIELD = new Reader(Map.of());

    private final Map<Reading, Map<Reading, Double>> rows;
    private final Readings readings;

    private Reader(Map<Reading, Map<Reading, Double>> own) {
        this.rows = new EnumMap<>(Reading.class);
        for (Reading reading : Reading.values()) {
            rows.put(reading, own.containsKey(reading) ? new EnumMap<>(own.get(reading)) : usual(reading));
        }
        this.readings = new Readings(this);
    }

    /** Returns somebody who reads as most do. */
    public static Reader field() {
        return FIELD;
    }

    /**
     * Returns somebody with an own table; rows that are left out are the field's.
     *
     * @param rows for what is truly there, the chances of what is seen, which add up to 1
     * @throws BadInput if a chance is not between 0 and 1, or a row does not add up
     */
    public static Reader of(Map<Reading, Map<Reading, Double>> rows) {
        rows.forEach((truly, seen) -> {
            BadInput.unless(
                    seen.values().stream().allMatch(value -> value >= 0 && value <= 1),
                    "reader." + truly,
                    () -> "A chance lies between 0 and 1. Send how often each reading is seen.");
            BadInput.unless(
                    Math.abs(seen.values().stream().mapToDouble(value -> value).sum() - 1) <= ADDS_UP_WITHIN,
                    "reader." + truly,
                    () -> "The chances of what is seen of one thing add up to 1. Send the whole row, or leave it out.");
        });
        return rows.isEmpty() ? FIELD : new Reader(rows);
    }

    /** Returns the chance that any of these is seen where this is truly there, 0 to 1. */
    double chance(Reading truly, Set<Reading> seen) {
        Map<Reading, Double> row = rows.get(truly);
        return row == null
                ? 0
                : seen.stream()
                        .mapToDouble(reading -> row.getOrDefault(reading, 0.0))
                        .sum();
    }

    /** Returns how many strips in a row have to be clean at one dial until what was seen is taken as settled: 2, or 3. */
    int cleanToSettle() {
        Set<Reading> clean = Set.of(Reading.CLEAN);
        return Math.max(chance(Reading.TOP_DOTS, clean), chance(Reading.DOTS, clean)) > DOTS_FOR_CLEAN ? 3 : 2;
    }

    Readings readings() {
        return readings;
    }

    /** Returns the field's row: mostly right, else one step off, to either side where there are two. */
    private static Map<Reading, Double> usual(Reading truly) {
        Map<Reading, Double> row = new EnumMap<>(Reading.class);
        row.put(truly, 1 - MISREAD);
        switch (truly) {
            case CLEAN -> share(row, Reading.TOP_DOTS, Reading.DOTS);
            case TOP_DOTS -> share(row, Reading.CLEAN, Reading.TOP_LINE);
            case DOTS -> share(row, Reading.CLEAN, Reading.LOOPS);
            case TOP_LINE -> share(row, Reading.TOP_DOTS, Reading.TOP_DOTS);
            case LOOPS, LINE -> share(row, Reading.DOTS, Reading.DOTS);
            case DRAWN_UP -> share(row, Reading.CLEAN, Reading.TOP_LINE);
            case TIGHT -> share(row, Reading.CLEAN, Reading.LINE);
            case NEST -> row.put(truly, 1.0);
        }
        return row;
    }

    private static void share(Map<Reading, Double> row, Reading one, Reading other) {
        row.merge(one, MISREAD / 2, Double::sum);
        row.merge(other, MISREAD / 2, Double::sum);
    }
}
