package belonax.room.machine;

import belonax.BadInput;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

public interface MachineRepository extends Repository<MachineEntity, String> {
    MachineEntity save(MachineEntity machine);

    List<MachineEntity> findAllByRemovedFalseOrderByPosition();

    /** Returns the names alone, of those that were taken off the shelf too. */
    @Query("select new belonax.room.machine.MachineName(m.id, m.name, m.standsAt) from MachineEntity m")
    List<MachineName> namesOfAll();

    Optional<MachineEntity> findById(String id);

    /** Returns the short names of those whose minutes were worked out in another way. */
    @Query("select m.id from MachineEntity m where m.projection <> :number")
    List<String> projectedOtherwise(int number);

    long count();

    /** Reads a machine and keeps every other change to it waiting until this one is done. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select m from MachineEntity m where m.id = :id")
    Optional<MachineEntity> findAndHold(String id);

    /**
     * Does the same where there must be one, on the shelf.
     *
     * @throws BadInput if there is no such machine, or it was taken off the shelf
     */
    default MachineEntity hold(String id) {
        return findAndHold(id)
                .filter(machineEntity -> !machineEntity.isRemoved())
                .orElseThrow(() -> new BadInput("machine", "There is no such machine. Choose one in the strip."));
    }
}
