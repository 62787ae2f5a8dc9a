package belonax.room.event;

import belonax.fault.FaultFinder;
import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.room.Words;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened last, in words, each to be taken back. */
@Service
public class ActionLog {
    private static final int MOST = 50;
    private static final int EVENTS_READ = 400;

    private final EventRepository events;
    private final Names names;
    private final FaultFinder finder;

    ActionLog(EventRepository events, Names names, FaultFinder finder) {
        this.events = events;
        this.names = names;
        this.finder = finder;
    }

    /** One thing that was done. */
    public record Action(UUID id, Instant at, String machine, String words, boolean isUndone) {}

    /** Returns the last 50 actions, newest first. */
    @Transactional(readOnly = true)
    public List<Action> last() {
        Map<UUID, List<Event>> actions = new LinkedHashMap<>();
        for (Event it : events.newest(Limit.of(EVENTS_READ))) {
            actions.computeIfAbsent(it.actionId(), any -> new ArrayList<>()).add(0, it);
        }
        List<UUID> last = actions.keySet().stream().limit(MOST).toList();
        List<Event> parts = last.stream()
                .flatMap(it -> Objects.requireNonNull(actions.get(it)).stream())
                .toList();
        Map<String, String> machines = names.machines();
        Map<UUID, String> needles = names.needles(
                parts.stream().flatMap(it -> it.needleId().stream()).collect(Collectors.toSet()));
        Set<UUID> takenBack = events.takenBack(last);
        return last.stream()
                .map(it ->
                        action(it, Objects.requireNonNull(actions.get(it)), machines, needles, takenBack.contains(it)))
                .toList();
    }

    private Action action(
            UUID id, List<Event> parts, Map<String, String> machines, Map<UUID, String> needles, boolean undone) {
        Event first = parts.get(0);
        String machine =
                first.machineId().map(it -> machines.getOrDefault(it, "")).orElse("");
        List<String> words = parts.stream().map(it -> words(it, needles)).toList();
        return new Action(id, first.at(), machine, Words.capital(String.join(", ", words)), undone);
    }

    private String words(Event it, Map<UUID, String> needles) {
        String needle =
                it.needleId().map(id -> needles.getOrDefault(id, "needle")).orElse("needle");
        return switch (it.kind()) {
            case NEEDLE_IN -> needle + " in";
            case NEEDLE_OUT -> needle + " out";
            case PARKED -> needle + " parked: " + it.note();
            case JARRED -> needle + " into the sharps jar";
            case PUT_BACK -> needle + " back into its packet";
            case BROKE -> needle + " broke" + (it.note().isEmpty() ? "" : ", missing: " + it.note());
            case PIECES_FOUND -> "missing pieces found";
            case SEWN -> String.format(Locale.ROOT, "sewn %.0f min, %s", it.minutes(), wear(it));
            case STRUCK -> needle + " struck something";
            case SIGN -> "noticed: " + Sign.valueOf(it.note()).words();
            case PROJECT -> "a project begun";
            case BIG_PROJECT -> "a big project begun";
            case TIMER_ON -> "timer started";
            case TIMER_OFF -> "timer stopped";
            case FIT_CHECKED -> FitCheck.valueOf(it.note()).words().toLowerCase(Locale.ROOT) + ": done";
            case THREADED ->
                it.thread().map(thread -> "threaded with " + thread.words()).orElse("threaded");
            case BALANCED -> "balanced at dial " + Words.number(it.dial().orElse(0));
            case DIAL_SET -> "dial set back to " + Words.number(it.dial().orElse(0));
            case CURED ->
                "found and put right: “" + finder.table().check(it.note()).title() + "”";
            case CLEANED -> "cleaned";
            case OILED -> "oiled";
            case SERVICED -> "serviced";
            case SNOOZED -> "put off: " + it.note().toLowerCase(Locale.ROOT);
            case JAR_EMPTIED -> "sharps jar emptied";
            case UNDONE -> "taken back";
        };
    }

    private static String wear(Event it) {
        return it.wear() == Wear.ORDINARY ? "ordinary cloth" : it.wear().words();
    }
}
