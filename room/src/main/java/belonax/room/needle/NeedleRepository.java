package belonax.room.needle;

import belonax.room.event.StoredEvent;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

public interface NeedleRepository extends Repository<NeedleEntity, UUID> {
    NeedleEntity save(NeedleEntity needle);

    Optional<NeedleEntity> findById(UUID id);

    /** Reads a needle and keeps every other change to it waiting until this one is done. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select n from NeedleEntity n where n.id = :id")
    Optional<NeedleEntity> findAndHold(UUID id);

    List<NeedleEntity> findByStateOrderByLastAtDesc(NeedleState state, Limit limit);

    /** Returns the needles used last, wherever they are now. */
    List<NeedleEntity> findByStateNotOrderByLastAtDesc(NeedleState state, Limit limit);

    /** Returns those whose row was worked out in another way. */
    @Query("select n.id from NeedleEntity n where n.projection <> :number")
    List<UUID> projectedOtherwise(int number);

    List<NeedleEntity> findByMissingNot(String missing);

    long countByStateInAndLastAtAfter(Collection<NeedleState> states, Instant after);

    /** A needle in a machine, with the event that put it there. */
    record InMachine(NeedleEntity needle, StoredEvent in) {}

    /** Returns the needles that are in these machines. */
    @Query("""
            select new belonax.room.needle.NeedleRepository$InMachine(n, e) from NeedleEntity n
            join StoredEvent e on e.needleId = n.id and e.kind = belonax.room.event.EventKind.NEEDLE_IN
            where n.machineId in :machineIds and n.state = belonax.room.needle.NeedleState.IN_MACHINE
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
              and not exists (
                select l from StoredEvent l
                where l.needleId = n.id and l.kind = belonax.room.event.EventKind.NEEDLE_IN and l.seq > e.seq
                  and not exists (select v from StoredEvent v where v.undoes = l.actionId))""")
    List<InMachine> inMachines(Collection<String> machineIds);

    /** Returns the needles of which pieces are missing in these machines. */
    @Query("select n from NeedleEntity n where n.machineId in :machineIds and n.missing <> '' order by n.lastAt")
    List<NeedleEntity> missingIn(Collection<String> machineIds);

    /** A broken needle, with the event that tells of it. */
    record Broken(NeedleEntity needle, StoredEvent by) {}

    /** Returns the needles that broke on a machine, the newest first, without those that were taken back. */
    @Query("""
            select new belonax.room.needle.NeedleRepository$Broken(n, e) from StoredEvent e
            join NeedleEntity n on n.id = e.needleId
            where e.machineId = :machineId and e.kind = belonax.room.event.EventKind.BROKE
              and not exists (select u from StoredEvent u where u.undoes = e.actionId)
            order by e.machineId, e.kind, e.seq desc""")
    List<Broken> brokenOn(String machineId, Limit limit);

    List<NeedleEntity> findByStateInOrderByLastAtDesc(Collection<NeedleState> states, Limit limit);

    List<NeedleEntity> findByIdIn(Collection<UUID> ids);
}
