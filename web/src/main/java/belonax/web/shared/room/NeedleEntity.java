package belonax.web.shared.room;

import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One needle of flesh and steel: it keeps its id from packet to sharps jar. */
@Entity
@Table(name = "needle")
class NeedleEntity {
    @Id
    private UUID id = new UUID(0, 0);

    @Column(name = "needle_system")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private NeedleSystem system = NeedleSystem.H_130_705;

    @Column(name = "needle_type")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private NeedleType type = NeedleType.UNIVERSAL;

    private int nm;
    private @Nullable Double spacingMm;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable NeedleType point;

    /** For Hibernate. */
    protected NeedleEntity() {}

    NeedleEntity(UUID id, Needle needle) {
        this.id = id;
        system = needle.system();
        type = needle.type();
        nm = needle.size().nm();
        needle.twin().ifPresent(twin -> {
            spacingMm = twin.spacingMm();
            point = twin.point();
        });
    }

    UUID id() {
        return id;
    }

    Needle needle() {
        Optional<Twin> twin =
                spacingMm == null || point == null ? Optional.empty() : Optional.of(new Twin(spacingMm, point));
        return new Needle(system, type, NeedleSize.ofNm(nm), twin);
    }
}
