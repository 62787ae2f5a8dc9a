package belonax.web.shared.room;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Events can be added and read. There is no way to change or delete one. */
interface EventRepository extends Repository<Event, Long> {
    Event save(Event event);

    boolean existsByActionId(UUID actionId);

    boolean existsByUndoes(UUID actionId);

    List<Event> findByActionIdOrderBySeq(UUID actionId);

    /** Returns the newest events of these kinds at a place, without those that were taken back. */
    @Query("""
            select e from Event e
            where e.machineId = :machineId and e.place = :place and e.kind in :kinds
              and not exists (select u from Event u where u.undoes = e.actionId)
            order by e.seq desc""")
    List<Event> newestAtPlace(String machineId, int place, Collection<EventKind> kinds, Limit limit);

    /** Returns the newest events of a kind on a machine, without those that were taken back. */
    @Query("""
            select e from Event e
            where e.machineId = :machineId and e.kind = :kind
              and not exists (select u from Event u where u.undoes = e.actionId)
            order by e.seq desc""")
    List<Event> newestOfMachine(String machineId, EventKind kind, Limit limit);

    /** Returns a needle's hours of work, 0 for one that never sewed. */
    @Query("""
            select coalesce(sum(e.effectiveHours), 0) from Event e
            where e.needleId = :needleId and e.kind = belonax.web.shared.room.EventKind.SEWN
              and not exists (select u from Event u where u.undoes = e.actionId)""")
    double effectiveHours(UUID needleId);

    /** Returns one event that tells of a strike on this needle, if any was not taken back. */
    @Query("""
            select e from Event e
            where e.needleId = :needleId and e.kind = belonax.web.shared.room.EventKind.STRUCK
              and not exists (select u from Event u where u.undoes = e.actionId)""")
    Optional<Event> strike(UUID needleId, Limit limit);
}
