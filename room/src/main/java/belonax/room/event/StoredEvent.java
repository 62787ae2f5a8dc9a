package belonax.room.event;

import belonax.BadInput;
import belonax.room.CraftJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** An event as it is kept: when, in which action, the event itself, and beside it what queries look for. */
@Entity
@Immutable
@Table(name = "event")
public class StoredEvent {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long seq;

    private UUID actionId = new UUID(0, 0);
    private Instant at = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private EventKind kind = EventKind.UNDONE;

    private @Nullable String machineId;
    private @Nullable Integer place;
    private @Nullable UUID needleId;

    @SuppressWarnings("UnusedVariable") // Looked for by queries.
    private @Nullable Instant untilAt;

    @SuppressWarnings("UnusedVariable") // Looked for by queries.
    private @Nullable UUID undoes;

    @Column(length = 4000)
    private String body = "";

    /** For Hibernate. */
    protected StoredEvent() {}

    public StoredEvent(UUID actionId, Instant at, Event event) {
        this.actionId = actionId;
        this.at = at;
        kind = EventKind.of(event);
        body = CraftJson.write(event);
        machineId =
                event.as(Event.OnMachine.class).map(Event.OnMachine::machine).orElse(null);
        place = event.as(Event.AtPlace.class).map(Event.AtPlace::place).orElse(null);
        needleId = event.as(Event.OfNeedle.class).map(Event.OfNeedle::needle).orElse(null);
        untilAt = event.as(Event.Snoozed.class).map(Event.Snoozed::until).orElse(null);
        undoes = event.as(Event.Undone.class).map(Event.Undone::undoes).orElse(null);
    }

    /** Returns what happened, read anew each time it is asked for. */
    public Event event() {
        try {
            return CraftJson.read(body, kind.type());
        } catch (BadInput | IllegalStateException unreadable) {
            return new Event.Unreadable(kind);
        }
    }

    /** Tells whether it can be carried elsewhere; what cannot be read stays where it lies. */
    public boolean isReadable() {
        return !(event() instanceof Event.Unreadable);
    }

    /** Returns the event as an archive holds it. */
    public EventLine line() {
        return new EventLine(actionId, at, kind, CraftJson.tree(body));
    }

    /** Returns what happened, if it is of that kind. */
    public <T> Optional<T> as(Class<T> wanted) {
        return wanted.isAssignableFrom(kind.type()) ? event().as(wanted) : Optional.empty();
    }

    public long seq() {
        return seq == null ? Long.MAX_VALUE : seq;
    }

    public UUID actionId() {
        return actionId;
    }

    public Instant at() {
        return at;
    }

    public EventKind kind() {
        return kind;
    }

    public Optional<String> machineId() {
        return Optional.ofNullable(machineId);
    }

    public Optional<Integer> place() {
        return Optional.ofNullable(place);
    }

    public Optional<UUID> needleId() {
        return Optional.ofNullable(needleId);
    }
}
