package belonax.room.card;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

@Transactional(readOnly = true)
interface CardRepository extends Repository<CardEntity, UUID> {
    @Transactional
    CardEntity save(CardEntity card);

    Optional<CardEntity> findById(UUID id);

    /** Returns all cards in the order in which they came, also those that were taken out. */
    @Query(value = "select * from drawer_card order by position", nativeQuery = true)
    List<CardEntity> inOrder();

    /** Returns the cards of a kind in the order in which they came. */
    @Query(value = "select * from drawer_card where kind = :kind and not removed order by position", nativeQuery = true)
    List<CardEntity> ofKind(String kind);

    /** Returns the cards of a kind about a machine, the newest first. */
    @Query(
            value = "select * from drawer_card where machine = :machine and kind = :kind and not removed"
                    + " order by position desc limit :most",
            nativeQuery = true)
    List<CardEntity> ofMachine(String kind, String machine, int most);

    /** Returns the newest card of a kind that goes on at a machine. */
    @Query(
            value = "select * from drawer_card where machine = :machine and kind = :kind and is_open and not removed"
                    + " order by position desc limit 1",
            nativeQuery = true)
    Optional<CardEntity> open(String kind, String machine);

    /** Reads a card and keeps every other change to it waiting until this one is done. */
    @Transactional(propagation = Propagation.MANDATORY)
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from CardEntity c where c.id = :id")
    Optional<CardEntity> findAndHold(UUID id);

    @Transactional
    @Query("delete from CardEntity")
    @Modifying
    void deleteAll();
}
