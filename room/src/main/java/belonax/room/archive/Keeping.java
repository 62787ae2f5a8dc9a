package belonax.room.archive;

import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.time.temporal.IsoFields;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Which copies stay: of the daily ones the newest of each of the last seven days, four weeks and twelve months on which there are any, and for a week
 * each that is the way back from something large.
 */
final class Keeping {
    private static final int DAYS = 7;
    private static final int WEEKS = 4;
    private static final int MONTHS = 12;
    private static final int MAX_WAYS_BACK = 20;

    private Keeping() {}

    /** Returns those of some copies that go. */
    static List<Copy> goes(List<Copy> all, Instant now, ZoneId zone) {
        List<Copy> newestFirst = all.stream()
                .sorted(Comparator.comparing(Copy::madeAt).reversed())
                .toList();
        List<Copy> daily =
                newestFirst.stream().filter(copy -> !copy.why().isBefore()).toList();
        Set<Copy> stay = new HashSet<>();
        Function<Copy, LocalDate> day = copy -> copy.madeAt().atZone(zone).toLocalDate();
        stay.addAll(newest(daily, day, DAYS));
        stay.addAll(newest(
                daily,
                copy -> day.apply(copy).get(IsoFields.WEEK_BASED_YEAR) + "-"
                        + day.apply(copy).get(IsoFields.WEEK_OF_WEEK_BASED_YEAR),
                WEEKS));
        stay.addAll(newest(daily, copy -> YearMonth.from(day.apply(copy)), MONTHS));
        newestFirst.stream()
                .filter(copy -> copy.why().isBefore() && copy.madeAt().isAfter(now.minus(DAYS, ChronoUnit.DAYS)))
                .limit(MAX_WAYS_BACK)
                .forEach(stay::add);
        return newestFirst.stream().filter(copy -> !stay.contains(copy)).toList();
    }

    private static <K> List<Copy> newest(List<Copy> newestFirst, Function<Copy, K> of, int most) {
        Set<K> seen = new HashSet<>();
        return newestFirst.stream()
                .filter(copy -> seen.size() < most && seen.add(of.apply(copy)))
                .toList();
    }
}
