package belonax.web.bench;

import belonax.room.settings.Units;
import belonax.room.supply.ThreadStock;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is left on spool and bobbin while one sews.
 *
 * @param words how much, and how long it lasts; empty where nobody counted
 * @param isLast whether the last of it is near
 * @param warning what to do about the last of it
 * @param lastInSeconds when the last of it is near if the clock runs on; null where that is not known
 * @param misfit why the bobbin is not for this machine; null where it is
 */
public record ThreadLeftView(
        String words,
        boolean isLast,
        String warning,
        @Nullable Long lastInSeconds,
        @Nullable String misfit) {
    /** So long before it runs out it is said, at the needle, and so many metres before. */
    private static final double WARN_MINUTES = 2;

    private static final double LAST_METRES = 2;

    static ThreadLeftView of(ThreadStock.Left left, Units units) {
        List<String> parts = new ArrayList<>();
        if (left.bobbinMetres() != null) {
            parts.add("about " + units.metres(Math.rint(left.bobbinMetres())) + " on the bobbin");
        }
        if (left.spoolMetres() != null) {
            parts.add("about " + units.metres(Math.rint(left.spoolMetres())) + " on the spool");
        }
        Double minutes = left.minutes();
        boolean isLast =
                isLow(left.bobbinMetres()) || isLow(left.spoolMetres()) || minutes != null && minutes <= WARN_MINUTES;
        String words = String.join(", ", parts);
        return new ThreadLeftView(
                minutes != null && !isLast ? words + ": some " + Math.round(minutes) + " min at the needle" : words,
                isLast,
                isLow(left.spoolMetres()) && !isLow(left.bobbinMetres())
                        ? "The spool is down to its last metres: lay out another before the next seam."
                        : "The bobbin is down to its last metres: stop at the end of a seam and wind another. Do not gamble on the"
                                + " last of it; the pull changes there.",
                minutes == null ? null : Long.valueOf(Math.round(60 * Math.max(0, minutes - WARN_MINUTES))),
                left.misfit());
    }

    private static boolean isLow(@Nullable Double metres) {
        return metres != null && metres <= LAST_METRES;
    }
}
