package belonax.room.event;

import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Events can be added and read. There is no way to change or delete one. */
public interface EventRepository extends Repository<StoredEvent, Long> {
    StoredEvent save(StoredEvent event);

    /** Adds what happened as part of an action. */
    default void add(UUID action, Instant at, Event event) {
        save(new StoredEvent(action, at, event));
    }

    boolean existsByActionId(UUID actionId);

    boolean existsByUndoes(UUID actionId);

    List<StoredEvent> findByActionIdOrderBySeq(UUID actionId);

    /** Keeps everybody else who would take an action back waiting until this is done. */
    @Query(value = "select seq from event where action_id = :actionId for update", nativeQuery = true)
    List<Long> hold(UUID actionId);

    /**
     * Returns the newest events of a kind at a place, without those that were taken back. Ordered by all columns of its index,
     * so that just as many rows are read.
     */
    @Query("""
            select e from StoredEvent e
            where e.machineId = :machineId and e.place = :place and e.kind = :kind
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
            order by e.machineId, e.place, e.kind, e.seq desc""")
    List<StoredEvent> newestAtPlace(String machineId, int place, EventKind kind, Limit limit);

    /** Returns the newest event of any of these kinds at a place, if it was not taken back. */
    default Optional<StoredEvent> newestAtPlace(String machineId, int place, Collection<EventKind> kinds) {
        return kinds.stream()
                .flatMap(eventKind -> newestAtPlace(machineId, place, eventKind, Limit.of(1)).stream())
                .max(Comparator.comparingLong(StoredEvent::seq));
    }

    /** Returns the newest events of a kind on a machine that are about no place in it, without those that were taken back. */
    @Query("""
            select e from StoredEvent e
            where e.machineId = :machineId and e.place is null and e.kind = :kind
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
            order by e.machineId, e.place, e.kind, e.seq desc""")
    List<StoredEvent> newestOn(String machineId, EventKind kind, Limit limit);

    /** Returns what moved the minutes of a machine, without what was taken back. */
    @Query("""
            select e from StoredEvent e
            where e.machineId = :machineId
              and e.kind in (belonax.room.event.EventKind.SEWN, belonax.room.event.EventKind.MINUTES_SET_RIGHT)
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)""")
    List<StoredEvent> minutesOf(String machineId);

    /** Returns what of a kind happened on a machine since then, without what was taken back. */
    @Query("""
            select e from StoredEvent e
            where e.at >= :from and e.machineId = :machineId and e.kind = :kind
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
            order by e.at, e.seq""")
    List<StoredEvent> since(String machineId, EventKind kind, Instant from);

    /** Returns what was laid on a machine's table since then, and what lay there before, without what was taken back. */
    @Query("""
            select e from StoredEvent e
            where e.machineId = :machineId and e.kind = belonax.room.event.EventKind.LAID
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
              and e.seq >= coalesce((
                select max(b.seq) from StoredEvent b
                where b.machineId = :machineId and b.kind = belonax.room.event.EventKind.LAID and b.at <= :from
                  and not exists (select u from StoredEvent u where u.undoes = b.actionId)), 0)
            order by e.seq""")
    List<StoredEvent> laidSince(String machineId, Instant from);

    /** Returns those of these actions that were taken back. */
    @Query("select e.undoes from StoredEvent e where e.undoes in :actions")
    Set<UUID> takenBack(Collection<UUID> actions);

    /** Returns the events of a needle in their order, without those that were taken back. */
    @Query("""
            select e from StoredEvent e
            where e.needleId = :needleId
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
            order by e.seq""")
    List<StoredEvent> ofNeedle(UUID needleId);

    /** Returns the newest event of a kind, without those that were taken back. */
    @Query("""
            select e from StoredEvent e
            where e.kind = :kind
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
            order by e.kind, e.seq desc""")
    List<StoredEvent> newest(EventKind kind, Limit limit);

    /** Returns the events that happened last and that somebody's press made, taken back or not: not undoing, nor what set old minutes right. */
    @Query("""
            select e from StoredEvent e
            where e.kind not in (
              belonax.room.event.EventKind.UNDONE, belonax.room.event.EventKind.MINUTES_SET_RIGHT)
            order by e.at desc, e.seq desc""")
    List<StoredEvent> newest(Limit limit);

    /** Returns what was put off on a machine and until now is; nothing else has an end, so its index finds it at once. */
    @Query("""
            select e from StoredEvent e
            where e.machineId = :machineId and e.untilAt > :now
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)""")
    List<StoredEvent> snoozed(String machineId, Instant now);
}
