package belonax.web.bench;

import belonax.fault.Symptom;
import belonax.life.Retirement;
import belonax.life.Sign;
import belonax.room.Words;
import belonax.room.needle.MachineNow;
import belonax.room.needle.WorkLog;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Sewing, for one hand and ten seconds.
 *
 * @param clock how long the timer runs, as a clock shows it
 * @param sinceSeconds the same in seconds, for the clock to go on from; 0 where none runs
 * @param line needle and dial in one line
 * @param warning why it is not sewn now; empty where nothing speaks against it
 * @param noticed what was pressed last, with what to do about it
 * @param thread what is left of it; null where nothing lies on the table
 */
public record SewingView(
        String clock,
        long sinceSeconds,
        boolean isRunning,
        boolean isForgotten,
        String table,
        String line,
        String warning,
        List<SignShown> signs,
        @Nullable Noticed noticed,
        @Nullable ThreadLeftView thread) {

    /** A sign to press. */
    public record SignShown(String value, String words) {}

    /**
     * What was noticed.
     *
     * @param symptom what Mend calls it
     * @param advice what it tells on this needle
     * @param change whether the needle is changed now
     */
    public record Noticed(String words, Symptom symptom, String advice, boolean change) {}

    static SewingView of(
            MachineNow now,
            Optional<WorkLog.Running> running,
            Optional<Sign> noticed,
            Optional<Retirement> advice,
            Optional<ThreadLeftView> thread) {
        long seconds = running.map(otherRunning -> Math.round(otherRunning.minutes() * 60))
                .orElse(0L);
        return new SewingView(
                Words.clock(seconds),
                seconds,
                running.isPresent(),
                running.map(WorkLog.Running::isForgotten).orElse(false),
                Words.capital(now.table()
                        .map(tableWork ->
                                tableWork.words() + ", " + tableWork.top().words())
                        .orElse("nothing is on the table yet")),
                line(now),
                warning(now),
                Stream.of(Sign.values())
                        .map(sign -> new SignShown(sign.name(), sign.words()))
                        .toList(),
                noticed.map(sign -> noticed(sign, advice)).orElse(null),
                thread.orElse(null));
    }

    private static Noticed noticed(Sign sign, Optional<Retirement> advice) {
        return new Noticed(
                Words.capital(sign.words()),
                Symptom.of(sign),
                advice.filter(retirement -> sign.isOfTheNeedle())
                        .map(Retirement::reason)
                        .orElse(sign.meaning()),
                advice.filter(retirement -> retirement.when() == Retirement.When.NOW)
                        .isPresent());
    }

    private static String line(MachineNow now) {
        String needle = now.fitted()
                .map(fitted -> String.format(
                        Locale.ROOT,
                        "%s, %.1f h",
                        Words.capital(fitted.needle().needle().words()),
                        fitted.needle().effectiveHours()))
                .orElse("No needle");
        return now.dial().isPresent()
                ? needle + " · dial " + Words.number(now.dial().getAsDouble())
                : needle;
    }

    private static String warning(MachineNow now) {
        if (now.holdsAPiece()) {
            return "A piece is missing: " + now.missingWords()
                    + ". Find it before another stitch, or turn the wheel once by hand: silent?";
        }
        return now.fitted().isEmpty() ? "No needle is in the machine, as far as Belonax knows." : "";
    }
}
