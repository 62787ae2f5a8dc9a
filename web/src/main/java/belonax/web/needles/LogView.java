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
                        action -> action.at().atZone(zone).toLocalDate(),
                        LinkedHashMap::new,
                        Collectors.mapping(action -> line(action, zone), Collectors.toList())));
        return days.entrySet().stream()
                .map(day -> new LogView(heading(day.getKey(), today), day.getValue()))
                .toList();
    }

    private static Line line(Action action, ZoneId zone) {
        return new Line(
                action.id().toString(),
                TIME.format(action.at().atZone(zone)),
                action.machine(),
                action.words(),
                action.isUndone());
    }

    private static String heading(LocalDate day, LocalDate today) {
        if (day.equals(today)) {
            return "Today";
        }
        return day.equals(today.minusDays(1)) ? "Yesterday" : Words.date(day);
    }
}
