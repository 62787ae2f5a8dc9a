package belonax.room.workbench;

import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.NewestEvents;
import belonax.room.event.StoredEvent;
import belonax.room.event.TableWork;
import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what lies on each machine's table. It is laid by what is done there, as a part of that action. */
@Service
public class Workbench {
    private static final Set<EventKind> ON_THE_TABLE = EnumSet.of(EventKind.LAID, EventKind.THREADED);

    private final EventRepository events;
    private final NewestEvents newest;
    private final Clock clock;

    Workbench(EventRepository events, NewestEvents newest, Clock clock) {
        this.events = events;
        this.newest = newest;
        this.clock = clock;
    }

    /**
     * Lays work on a machine's table as a part of an action, and its thread onto the machine; nothing where it lies there already.
     * The machine is held by who acts.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void lay(UUID action, String machineId, TableWork work) {
        NewestEvents.OfMachine now = Objects.requireNonNull(
                newest.of(List.of(machineId), ON_THE_TABLE).get(machineId));
        if (!now.of(Event.Laid.class).map(Event.Laid::work).equals(Optional.of(work))) {
            events.add(action, clock.instant(), new Event.Laid(machineId, work));
        }
        Event.Threaded threaded = Event.Threaded.with(machineId, work.top().sewing());
        boolean isOn = now.of(Event.Threaded.class).equals(Optional.of(threaded));
        if (!isOn) {
            events.add(action, clock.instant(), threaded);
        }
    }

    /** Returns what lay on a machine's table from then on, the oldest first: what lay there then, and what was laid since. */
    @Transactional(readOnly = true)
    public List<Lay> since(String machineId, Instant from) {
        List<StoredEvent> laid = events.laidSince(machineId, from);
        return laid.stream()
                .flatMap(stored ->
                        stored.as(Event.Laid.class).stream().map(laidThen -> new Lay(stored.at(), laidThen.work())))
                .toList();
    }

    /** Work, and since when it lies there. */
    public record Lay(Instant at, TableWork work) {}
}
