package belonax.room.card;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One change of a card: what stood there before and after, so that it can be taken back. */
@Entity
@Table(name = "drawer_change")
class ChangeEntity {
    @Id
    private UUID id = new UUID(0, 0);

    private Instant at = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private CardKind kind = CardKind.SWATCH;

    private UUID cardId = new UUID(0, 0);
    private int revision;

    @Lob
    @Column(name = "before_body")
    private @Nullable String before;

    @Lob
    @Column(name = "after_body")
    private @Nullable String after;

    private boolean undone;

    /** For Hibernate. */
    protected ChangeEntity() {}

    ChangeEntity(UUID id, Instant at, CardEntity card, @Nullable String before, @Nullable String after) {
        this.id = id;
        this.at = at;
        this.kind = card.kind();
        this.cardId = card.id();
        this.revision = card.revision();
        this.before = before;
        this.after = after;
    }

    UUID id() {
        return id;
    }

    Instant at() {
        return at;
    }

    CardKind kind() {
        return kind;
    }

    UUID cardId() {
        return cardId;
    }

    /** Returns the card's revision once the change was made. */
    int revision() {
        return revision;
    }

    Optional<String> before() {
        return Optional.ofNullable(before);
    }

    Optional<String> after() {
        return Optional.ofNullable(after);
    }

    boolean isUndone() {
        return undone;
    }

    void undone() {
        undone = true;
    }
}
