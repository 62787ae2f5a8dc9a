package belonax.room.card;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ChangeRepository extends Repository<ChangeEntity, UUID> {
    ChangeEntity save(ChangeEntity change);

    Optional<ChangeEntity> findById(UUID id);

    @Modifying
    @Query("delete from ChangeEntity")
    void deleteAll();
}
