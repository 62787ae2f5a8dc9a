package belonax.web.needles;

import belonax.room.Words;
import belonax.room.event.ActionLog.Action;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A day of the log, what happened last first, at the sewist's own time. */
public record LogView(String day, List<Line> lines) {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    /** One thing that was done. */
    public record Line(String id, String at, String machine, String words, boolean isUndone) {}

    static List<LogView> of(List<Action> actions, LocalDate today, ZoneId zone) {
        Map<LocalDate, List<Line>> days = actions.stream()
                .collect(Collectors.groupingBy(
                        it -> it.at().atZone(zone).toLocalDate(),
                        LinkedHashMap::new,
                        Collectors.mapping(it -> line(it, zone), Collectors.toList())));
        return days.entrySet().stream()
                .map(it -> new LogView(heading(it.getKey(), today), it.getValue()))
                .toList();
    }

    private static Line line(Action it, ZoneId zone) {
        return new Line(it.id().toString(), TIME.format(it.at().atZone(zone)), it.machine(), it.words(), it.isUndone());
    }

    private static String heading(LocalDate day, LocalDate today) {
        if (day.equals(today)) {
            return "Today";
        }
        return day.equals(today.minusDays(1)) ? "Yesterday" : Words.date(day);
    }
}
