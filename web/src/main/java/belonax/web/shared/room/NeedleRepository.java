package belonax.web.shared.room;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface NeedleRepository extends Repository<NeedleEntity, UUID> {
    NeedleEntity save(NeedleEntity needle);

    Optional<NeedleEntity> findById(UUID id);
}
