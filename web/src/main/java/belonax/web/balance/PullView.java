package belonax.web.balance;

import belonax.balance.PullMeasured;
import belonax.room.Words;
import belonax.room.balance.PullLog.Tested;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What was written down of a case's pull, the newest first. */
public record PullView(String bobbinCase, List<Line> lines) {
    static final List<Slot> SLOTS = IntStream.range(0, 8).mapToObj(Slot::of).toList();

    /**
     * A test.
     *
     * @param before where the slot stood, and after it was turned; null when it was not looked at
     */
    public record Line(
            String date,
            String words,
            String thread,
            @Nullable Slot before,
            @Nullable Slot after) {}

    /** A place of the slot's marked end, in eighths of a turn from the top. */
    public record Slot(int eighth, int degrees, String words) {
        private static final List<String> WORDS = List.of(
                "straight up",
                "up to the right",
                "to the right",
                "down to the right",
                "straight down",
                "down to the left",
                "to the left",
                "up to the left");

        static Slot of(int eighth) {
            return new Slot(eighth, 45 * eighth, WORDS.get(eighth));
        }
    }

    static List<PullView> of(List<Tested> newestFirst) {
        Map<String, List<Line>> byCase = newestFirst.stream()
                .collect(Collectors.groupingBy(
                        tested -> tested.found().bobbinCase(),
                        LinkedHashMap::new,
                        Collectors.mapping(PullView::line, Collectors.toList())));
        return byCase.entrySet().stream()
                .map(entry -> new PullView(Words.capital(entry.getKey()), entry.getValue()))
                .toList();
    }

    private static Line line(Tested tested) {
        PullMeasured measured = tested.found().measured();
        return new Line(
                Words.date(tested.on()),
                Words.capital(measured.words()),
                tested.found().thread().thread().words(),
                slot(measured.slotBefore()),
                measured.turned() == 0 ? null : slot(measured.slotAfter()));
    }

    private static @Nullable Slot slot(@Nullable Integer eighth) {
        return eighth == null ? null : SLOTS.get(eighth);
    }
}
