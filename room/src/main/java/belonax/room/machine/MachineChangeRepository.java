package belonax.room.machine;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface MachineChangeRepository extends Repository<MachineChange, UUID> {
    MachineChange save(MachineChange change);

    Optional<MachineChange> findById(UUID id);
}
