package belonax.web.mend;

import belonax.fault.CheckId;
import belonax.room.Words;
import belonax.room.needle.MachineNow;
import java.util.stream.Collectors;

/** Tells a check for one needle again for each place of a machine that holds several. */
final class EachNeedle {
    private EachNeedle() {}

    /** Returns which needles a check looks at, by their places; empty where one look does. */
    static String of(CheckId check, MachineNow now) {
        if (now.places().size() < 2 || !check.isOfEachNeedle()) {
            return "";
        }
        return "Look at each needle by itself. "
                + now.places().stream().map(EachNeedle::words).collect(Collectors.joining("; ")) + ".";
    }

    private static String words(MachineNow.Place place) {
        return place.fitted()
                .map(fitted -> MachineFacts.needle(place, fitted))
                .orElseGet(() -> Words.capital(place.name()) + ": none in it");
    }
}
