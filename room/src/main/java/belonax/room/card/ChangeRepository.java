package belonax.room.card;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ChangeRepository extends Repository<ChangeEntity, UUID> {
    ChangeEntity save(ChangeEntity change);

    Optional<ChangeEntity> findById(UUID id);

    /** Returns the newest change of each card that was not taken back. */
    @Query(
            "select c from ChangeEntity c, CardEntity k where k.id = c.cardId and k.revision = c.revision and not c.undone")
    List<ChangeEntity> thatCanBeTakenBack();

    @Modifying
    @Query("delete from ChangeEntity")
    void deleteAll();
}
