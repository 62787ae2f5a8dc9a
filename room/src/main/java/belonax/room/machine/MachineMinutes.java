package belonax.room.machine;

import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.StoredEvent;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Works out from its events how much was sewn on a machine. */
@Component
public class MachineMinutes implements Consequence {
    /** Counted up whenever the way changes in which minutes follow from events; rows of another number are worked out anew. */
    static final int NUMBER = 1;

    private final MachineRepository machines;
    private final EventRepository events;

    MachineMinutes(MachineRepository machines, EventRepository events) {
        this.machines = machines;
        this.events = events;
    }

    /** Machines are held in the order of their names, so that two who take back never wait for each other. */
    @Override
    public void hold(List<StoredEvent> events) {
        about(events.stream()).forEach(machines::findAndHold);
    }

    @Override
    public void takenBack(List<StoredEvent> taken) {
        about(taken.stream().filter(MachineMinutes::counts)).forEach(this::refresh);
    }

    /** Works out anew what was written down by another version. */
    public void refreshOutdated() {
        machines.projectedOtherwise(NUMBER).forEach(this::refresh);
    }

    /** Works the minutes of a machine out anew and writes them down. */
    public void refresh(String machineId) {
        Minutes all = sum(events.minutesOf(machineId));
        machines.findById(machineId).ifPresent(machineEntity -> machineEntity.sewn(all.sewn(), all.linty()));
    }

    /** Minutes of a machine, and those of them that left lint. */
    public record Minutes(double sewn, double linty) {}

    /** Returns what was sewn on a machine since then. */
    public Minutes since(String machineId, Instant then) {
        return sum(events.minutesOf(machineId).stream()
                .filter(stored -> stored.kind() == EventKind.SEWN && stored.at().isAfter(then))
                .toList());
    }

    private static Minutes sum(List<StoredEvent> all) {
        Map<UUID, UUID> counted = new HashMap<>();
        double sewn = 0;
        double linty = 0;
        for (StoredEvent stored : all) {
            Event event = stored.event();
            if (event instanceof Event.Sewn part && isFirstNeedle(counted, stored.actionId(), part.needle())) {
                sewn += part.minutes();
                linty += part.lintyMinutes();
            } else if (event instanceof Event.MinutesSetRight right) {
                sewn += right.sewnMinutes();
                linty += right.lintyMinutes();
            }
        }
        return new Minutes(sewn, linty);
    }

    /** All needles of a machine work at once: the minutes of one of them are the machine's. */
    private static boolean isFirstNeedle(Map<UUID, UUID> counted, UUID action, UUID needle) {
        return needle.equals(counted.computeIfAbsent(action, any -> needle));
    }

    /** Adds what was sewn just now, so that a long log need not be read for it. */
    public void add(String machineId, double minutes, double linty) {
        machines.findById(machineId)
                .ifPresent(machineEntity -> machineEntity.sewn(
                        machineEntity.sewnMinutes() + minutes, machineEntity.lintyMinutes() + linty));
    }

    private static boolean counts(StoredEvent stored) {
        return stored.kind() == EventKind.SEWN || stored.kind() == EventKind.MINUTES_SET_RIGHT;
    }

    private static SortedSet<String> about(Stream<StoredEvent> events) {
        return events.flatMap(stored -> stored.machineId().stream()).collect(Collectors.toCollection(TreeSet::new));
    }
}
