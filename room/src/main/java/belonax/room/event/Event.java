package belonax.room.event;

import belonax.life.Wear;
import belonax.room.CraftJson;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** Something that happened. Never rewritten: a mistake is taken back by a later event that names its action. */
@Entity
@Immutable
@Table(name = "event")
public class Event {
    private static final String SHEDS = "lint of the thread";

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long seq;

    private UUID actionId = new UUID(0, 0);
    private Instant at = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private EventKind kind = EventKind.SEWN;

    private @Nullable String machineId;
    private @Nullable Integer place;
    private @Nullable UUID needleId;

    private @Nullable Double effectiveHours;

    private @Nullable Double tex;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable Fibre fibre;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable Build build;

    private @Nullable Double dial;
    private @Nullable Double minutes;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable Wear wear;

    private @Nullable String note;

    @SuppressWarnings("UnusedVariable") // Looked for by queries.
    private @Nullable Instant untilAt;

    private @Nullable UUID undoes;

    /** A {@link SetupKept}, as JSON. */
    private @Nullable String setup;

    /** For Hibernate. */
    protected Event() {}

    private Event(EventKind kind, UUID actionId, Instant at) {
        this.kind = kind;
        this.actionId = actionId;
        this.at = at;
    }

    public static Event needleOut(UUID action, Instant at, String machineId, int place, UUID needleId) {
        return atPlace(EventKind.NEEDLE_OUT, action, at, machineId, place, needleId);
    }

    public static Event needleIn(UUID action, Instant at, String machineId, int place, UUID needleId) {
        return atPlace(EventKind.NEEDLE_IN, action, at, machineId, place, needleId);
    }

    public static Event sewn(
            UUID action,
            Instant at,
            String machineId,
            int place,
            UUID needleId,
            double effectiveHours,
            double minutes,
            Wear wear) {
        Event event = atPlace(EventKind.SEWN, action, at, machineId, place, needleId);
        event.effectiveHours = effectiveHours;
        event.minutes = minutes;
        event.wear = wear;
        return event;
    }

    /** Something that happened to one needle, wherever it was. */
    public static Event ofNeedle(
            EventKind kind, UUID action, Instant at, @Nullable String machineId, UUID needleId, String note) {
        Event event = new Event(kind, action, at);
        event.machineId = machineId;
        event.needleId = needleId;
        event.note = note;
        return event;
    }

    /** Something that happened to a machine. */
    public static Event ofMachine(EventKind kind, UUID action, Instant at, @Nullable String machineId, String note) {
        Event event = new Event(kind, action, at);
        event.machineId = machineId;
        event.note = note;
        return event;
    }

    public Event until(Instant until) {
        untilAt = until;
        return this;
    }

    /** Remembers what had been sewn on the machine by then. */
    public Event atMinutes(double sewn, double linty) {
        minutes = sewn;
        effectiveHours = linty;
        return this;
    }

    /** Notes that the thread of this work sheds lint, so that it counts as linty and is taken back as such. */
    public Event sheddingLint() {
        return noting(SHEDS);
    }

    /** Returns the minutes of work that leave lint in the machine. */
    public double lintyMinutes() {
        return SHEDS.equals(note) || wear().isLinty() ? minutes() : 0;
    }

    public Event noting(String text) {
        note = text;
        return this;
    }

    /** Remembers what was under the needle. */
    public Event with(SetupKept sewn) {
        setup = CraftJson.write(sewn);
        return this;
    }

    public Optional<SetupKept> setup() {
        return Optional.ofNullable(setup).map(it -> CraftJson.read(it, SetupKept.class));
    }

    public double effectiveHours() {
        return effectiveHours == null ? 0 : effectiveHours;
    }

    public double minutes() {
        return minutes == null ? 0 : minutes;
    }

    public Wear wear() {
        return wear == null ? Wear.ORDINARY : wear;
    }

    public String note() {
        return note == null ? "" : note;
    }

    public static Event threaded(UUID action, Instant at, String machineId, SewingThread thread) {
        Event event = new Event(EventKind.THREADED, action, at);
        event.machineId = machineId;
        event.tex = thread.tex().value();
        event.fibre = thread.fibre();
        event.build = thread.build();
        event.note = thread.quality() == Quality.GOOD ? null : thread.quality().name();
        return event;
    }

    public static Event balanced(UUID action, Instant at, String machineId, double dial) {
        Event event = new Event(EventKind.BALANCED, action, at);
        event.machineId = machineId;
        event.dial = dial;
        return event;
    }

    public static Event dialSet(UUID action, Instant at, String machineId, double dial) {
        Event event = new Event(EventKind.DIAL_SET, action, at);
        event.machineId = machineId;
        event.dial = dial;
        return event;
    }

    public static Event undone(UUID action, Instant at, UUID undoes) {
        Event event = new Event(EventKind.UNDONE, action, at);
        event.undoes = undoes;
        return event;
    }

    private static Event atPlace(EventKind kind, UUID action, Instant at, String machineId, int place, UUID needleId) {
        Event event = new Event(kind, action, at);
        event.machineId = machineId;
        event.place = place;
        event.needleId = needleId;
        return event;
    }

    /** Returns an event as it was written down elsewhere. */
    public static Event of(EventLine it) {
        Event event = new Event(it.kind(), it.action(), it.at());
        event.machineId = it.machine();
        event.place = it.place();
        event.needleId = it.needle();
        event.effectiveHours = it.effectiveHours();
        event.tex = it.tex();
        event.fibre = it.fibre();
        event.build = it.build();
        event.dial = it.dial();
        event.undoes = it.undoes();
        event.minutes = it.minutes();
        event.wear = it.wear();
        event.note = it.note();
        event.untilAt = it.until();
        event.setup = it.setup() == null ? null : CraftJson.write(it.setup());
        return event;
    }

    /** Returns everything that is kept of it. */
    public EventLine line() {
        return new EventLine(
                actionId,
                at,
                kind,
                machineId,
                place,
                needleId,
                effectiveHours,
                tex,
                fibre,
                build,
                dial,
                undoes,
                minutes,
                wear,
                note,
                untilAt,
                setup().orElse(null));
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

    public OptionalDouble dial() {
        return dial == null ? OptionalDouble.empty() : OptionalDouble.of(dial);
    }

    public Optional<SewingThread> thread() {
        if (tex == null || fibre == null || build == null) {
            return Optional.empty();
        }
        Quality quality = kind == EventKind.THREADED && note != null ? Quality.valueOf(note) : Quality.GOOD;
        return Optional.of(new SewingThread(new Tex(tex), fibre, build, OptionalDouble.empty(), quality, false));
    }
}
