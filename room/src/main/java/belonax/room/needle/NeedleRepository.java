package belonax.room.needle;

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

    List<NeedleEntity> findByMissingNot(String missing);

    long countByStateInAndLastAtAfter(Collection<NeedleState> states, Instant after);
}
