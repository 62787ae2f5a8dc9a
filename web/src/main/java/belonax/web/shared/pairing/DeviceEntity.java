package belonax.web.shared.pairing;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A device that was let in. Of its secret only a digest is kept. */
@Entity
@Table(name = "paired_device")
class DeviceEntity {
    @Id
    private UUID id = new UUID(0, 0);

    private String name = "";

    @SuppressWarnings("UnusedVariable") // Looked for by queries.
    private String tokenHash = "";

    private Instant pairedAt = Instant.EPOCH;
    private Instant seenAt = Instant.EPOCH;
    private boolean mayAll;

    /** For Hibernate. */
    protected DeviceEntity() {}

    DeviceEntity(UUID id, String name, String tokenHash, Instant pairedAt) {
        this.id = id;
        this.name = name;
        this.tokenHash = tokenHash;
        this.pairedAt = pairedAt;
        this.seenAt = pairedAt;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    Instant pairedAt() {
        return pairedAt;
    }

    Instant seenAt() {
        return seenAt;
    }

    void seen(Instant now) {
        seenAt = now;
    }

    boolean mayAll() {
        return mayAll;
    }

    void may(boolean all) {
        mayAll = all;
    }
}
