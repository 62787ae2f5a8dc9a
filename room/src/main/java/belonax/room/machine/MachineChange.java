package belonax.room.machine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One change of what the owner keeps about a machine: what stood there before, so that it can be taken back. */
@Entity
@Table(name = "machine_change")
public class MachineChange {
    @Id
    private UUID id = new UUID(0, 0);

    @SuppressWarnings("UnusedVariable") // Kept for the record.
    private Instant at = Instant.EPOCH;

    private String machineId = "";
    private int revision;

    @Lob
    private @Nullable String beforeBody;

    private boolean undone;

    /** For Hibernate. */
    protected MachineChange() {}

    MachineChange(UUID id, Instant at, String machineId, int revision, @Nullable String before) {
        this.id = id;
        this.at = at;
        this.machineId = machineId;
        this.revision = revision;
        this.beforeBody = before;
    }

    UUID id() {
        return id;
    }

    String machineId() {
        return machineId;
    }

    int revision() {
        return revision;
    }

    /** Returns what stood there before; empty when the machine was new. */
    Optional<String> before() {
        return Optional.ofNullable(beforeBody);
    }

    boolean isUndone() {
        return undone;
    }

    void undone() {
        undone = true;
    }
}
