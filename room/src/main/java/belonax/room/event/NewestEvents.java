package belonax.room.event;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Finds the newest events of several kinds and machines in one go, each by its index, so that a long log costs no more. */
@Component
public class NewestEvents {
    private final EntityManager entities;

    NewestEvents(EntityManager entities) {
        this.entities = entities;
    }

    /** The newest events of one machine, without those that were taken back. */
    public record OfMachine(Map<EventKind, StoredEvent> byKind) {
        public Optional<StoredEvent> of(EventKind kind) {
            return Optional.ofNullable(byKind.get(kind));
        }

        /** Returns the newest event of a kind as its record. */
        public <T extends Event> Optional<T> of(Class<T> type) {
            return byKind.values().stream()
                    .filter(stored -> stored.kind().type() == type)
                    .flatMap(stored -> stored.as(type).stream())
                    .findFirst();
        }
    }

    /** Returns the newest of each of these kinds on each of these machines. */
    public Map<String, OfMachine> of(Collection<String> machines, Set<EventKind> kinds) {
        Map<String, OfMachine> all = new HashMap<>();
        machines.forEach(machine -> all.put(machine, new OfMachine(new EnumMap<>(EventKind.class))));
        if (machines.isEmpty()) {
            return all;
        }
        List<String> names = List.copyOf(machines);
        String newest = IntStream.range(0, names.size())
                .boxed()
                .flatMap(i -> kinds.stream().map(kind -> newest("m" + i, kind)))
                .collect(Collectors.joining(" union all "));
        Query query = entities.createNativeQuery(
                "select e.* from event e where e.seq in (select n.seq from (" + newest + ") n)", StoredEvent.class);
        for (int i = 0; i < names.size(); i++) {
            query.setParameter("m" + i, names.get(i));
        }
        for (Object value : query.getResultList()) {
            StoredEvent event = (StoredEvent) value;
            Objects.requireNonNull(all.get(event.machineId().orElseThrow()))
                    .byKind()
                    .put(event.kind(), event);
        }
        return all;
    }

    /** Ordered by all columns of its index, so that just one row is read. */
    private static String newest(String machine, EventKind kind) {
        return "(select seq from event k where k.machine_id = :" + machine + " and k.kind = '" + kind.name() + "'"
                + " and not exists (select 1 from event u where u.undoes = k.action_id)"
                + " order by k.machine_id, k.kind, k.seq desc fetch first row only)";
    }
}
