package belonax.web.shared.room;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface MachineChangeRepository extends Repository<MachineChange, UUID> {
    MachineChange save(MachineChange change);

    Optional<MachineChange> findById(UUID id);
}
