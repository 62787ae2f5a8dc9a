package belonax.room.card;

import belonax.room.CraftJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A card as it lies in the database. */
@Entity
@Table(name = "drawer_card")
class CardEntity {
    private static final int LONGEST = 1_000_000;

    @Id
    private UUID id = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private CardKind kind = CardKind.SWATCH;

    private int revision;
    private boolean removed;

    /** The machine that the card is about, for finding it; the card itself has it too. */
    @SuppressWarnings("UnusedVariable") // Looked for by queries.
    private @Nullable String machine;

    @SuppressWarnings("UnusedVariable") // Looked for by queries.
    private boolean isOpen;

    /** Kept in the row and not beside it, since lists of cards are read on every page. */
    @Column(name = "body", length = LONGEST)
    private String body = "";

    /** For Hibernate. */
    protected CardEntity() {}

    CardEntity(UUID id, Card card) {
        this.id = id;
        this.kind = CardKind.of(card.getClass());
        write(card);
    }

    UUID id() {
        return id;
    }

    CardKind kind() {
        return kind;
    }

    int revision() {
        return revision;
    }

    boolean isRemoved() {
        return removed;
    }

    String body() {
        return body;
    }

    void put(Card card) {
        write(card);
        removed = false;
        revision++;
    }

    void remove() {
        removed = true;
        revision++;
    }

    /** Tells what became of it before it came in with an archive. */
    void cameIn(int changes, boolean taken) {
        revision = changes;
        removed = taken;
    }

    private void write(Card card) {
        body = CraftJson.write(card);
        machine = card.machine().orElse(null);
        isOpen = card.isOpen();
    }
}
