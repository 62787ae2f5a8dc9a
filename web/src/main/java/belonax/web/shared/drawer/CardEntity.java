package belonax.web.shared.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A card as it lies in the database. */
@Entity
@Table(name = "drawer_card")
class CardEntity {
    @Id
    private UUID id = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private CardKind kind = CardKind.SWATCH;

    private int revision;
    private boolean removed;

    @Lob
    @Column(name = "body")
    private String body = "";

    /** For Hibernate. */
    protected CardEntity() {}

    CardEntity(UUID id, CardKind kind, String body) {
        this.id = id;
        this.kind = kind;
        this.body = body;
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

    void put(String newBody, boolean isRemoved) {
        body = newBody;
        removed = isRemoved;
        revision++;
    }
}
