package belonax.web.needles;

import belonax.room.event.ActionLog.Action;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** What happened last, as the page shows it, at the sewist's own time. */
record LogView(String id, String at, String machine, String words, boolean isUndone) {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    static List<LogView> of(List<Action> actions, ZoneId zone) {
        return actions.stream()
                .map(it -> new LogView(
                        it.id().toString(), TIME.format(it.at().atZone(zone)), it.machine(), it.words(), it.isUndone()))
                .toList();
    }
}
