package belonax.web.bench;

import belonax.room.Words;
import belonax.room.needle.MachineNow;
import belonax.room.needle.WorkLog.LastDay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Where the last evening left off, such as “Yesterday: viscose jersey, 25 min, dial 3¾. Go on?” */
public record GoOnView(String words) {
    static GoOnView of(LastDay last, MachineNow machine, LocalDate today) {
        List<String> parts = new ArrayList<>();
        if (!last.on().isEmpty()) {
            parts.add(last.on());
        } else if (machine.tableWords() != null) {
            parts.add(machine.tableWords());
        }
        parts.add(Math.max(1, Math.round(last.minutes())) + " min");
        machine.dial().stream().mapToObj(value -> "dial " + Words.number(value)).forEach(parts::add);
        String day = last.day().equals(today.minusDays(1)) ? "Yesterday" : "Last on " + Words.date(last.day());
        return new GoOnView(day + ": " + String.join(", ", parts) + ".");
    }
}
