package belonax.room.event;

import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.room.Words;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
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
        Map<UUID, List<StoredEvent>> actions = new LinkedHashMap<>();
        for (StoredEvent stored : events.newest(Limit.of(EVENTS_READ))) {
            actions.computeIfAbsent(stored.actionId(), any -> new ArrayList<>()).add(0, stored);
        }
        List<UUID> last = actions.keySet().stream().limit(MOST).toList();
        List<StoredEvent> parts = last.stream()
                .flatMap(id -> Objects.requireNonNull(actions.get(id)).stream())
                .toList();
        Map<String, String> machines = names.machines();
        Event.Named named = named(names.needles(
                parts.stream().flatMap(stored -> stored.needleId().stream()).collect(Collectors.toSet())));
        Set<UUID> takenBack = events.takenBack(last);
        return last.stream()
                .map(id -> action(id, Objects.requireNonNull(actions.get(id)), machines, named, takenBack.contains(id)))
                .toList();
    }

    private Action action(
            UUID id, List<StoredEvent> parts, Map<String, String> machines, Event.Named named, boolean undone) {
        StoredEvent first = parts.get(0);
        String machine =
                first.machineId().map(text -> machines.getOrDefault(text, "")).orElse("");
        List<String> words =
                parts.stream().map(stored -> stored.event().words(named)).toList();
        return new Action(id, first.at(), machine, Words.capital(String.join(", ", words)), undone);
    }

    private Event.Named named(Map<UUID, String> needles) {
        return new Event.Named() {
            @Override
            public String needle(UUID id) {
                return needles.getOrDefault(id, "needle");
            }

            @Override
            public String check(CheckId id) {
                return finder.table().check(id).title();
            }
        };
    }
}
