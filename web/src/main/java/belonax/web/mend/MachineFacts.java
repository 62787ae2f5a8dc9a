package belonax.web.mend;

import belonax.room.Words;
import belonax.room.needle.MachineNow;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What a technician asks first: the machine, its needle, thread, dial, plate and foot, a line each. */
public record MachineFacts(List<String> lines) {
    static MachineFacts of(MachineNow now) {
        List<String> lines = new ArrayList<>();
        lines.add(Words.capital(now.machine().kind().words()) + ", bobbin "
                + now.machine().bobbin().words());
        now.places().forEach(place -> place.fitted().ifPresent(fitted -> lines.add(needle(place, fitted))));
        if (!now.missing().isEmpty()) {
            lines.add("Missing, perhaps inside: " + now.missingWords());
        }
        now.thread().ifPresent(thread -> lines.add("Thread: " + thread.words()));
        now.dial().ifPresent(value -> lines.add("Top dial at the last balance: " + Words.number(value)));
        lines.add("Plate: " + now.machine().plate().name() + "; foot: "
                + now.machine().foot().name());
        return new MachineFacts(lines);
    }

    /** Returns the needle of a place with its hours. */
    static String needle(MachineNow.Place place, MachineNow.Fitted fitted) {
        return String.format(
                Locale.ROOT,
                "%s: %s, %.1f hours%s",
                Words.capital(place.name()),
                fitted.needle().needle().words(),
                fitted.needle().effectiveHours(),
                fitted.needle().struck() ? ", struck something" : "");
    }
}
