package belonax.room.needle;

import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One needle of flesh and steel: it keeps its id from packet to sharps jar. */
@Entity
@Table(name = "needle")
public class NeedleEntity {
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

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private NeedleState state = NeedleState.UNKNOWN;

    private String keptAt = "";
    private double effectiveHours;
    private double minutes;
    private boolean struck;
    private boolean coated;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable Sign lastSign;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable Wear mainWear;

    private @Nullable String machineId;
    private @Nullable Instant firstAt;
    private @Nullable Instant lastAt;
    private boolean failed;
    private String missing = "";
    private boolean waits;
    private int projects;
    private int bigProjects;
    private double minutesSinceIn;

    /** Names of the looks that were done since it was fitted. */
    private String checked = "";

    @SuppressWarnings("UnusedVariable") // Looked for by a query.
    private int projection = Projection.NUMBER;

    /** For Hibernate. */
    protected NeedleEntity() {}

    public NeedleEntity(UUID id, Needle needle) {
        this(id, needle, false);
    }

    public NeedleEntity(UUID id, Needle needle, boolean coated) {
        this.id = id;
        this.coated = coated;
        system = needle.system();
        type = needle.type();
        nm = needle.size().nm();
        needle.twin().ifPresent(twin -> {
            spacingMm = twin.spacingMm();
            point = twin.point();
        });
    }

    public UUID id() {
        return id;
    }

    public Needle needle() {
        return Needle.of(system, type, nm, Optional.ofNullable(spacingMm), Optional.ofNullable(point));
    }

    /** Writes down what follows from its events. */
    void put(NeedleHistory lived) {
        state = lived.state;
        keptAt = lived.keptAt;
        effectiveHours = lived.effectiveHours;
        minutes = lived.minutes;
        minutesSinceIn = lived.minutesSinceIn;
        checked = lived.checkedSinceIn.stream().map(FitCheck::name).collect(Collectors.joining(" "));
        struck = lived.struck;
        lastSign = lived.lastSign;
        mainWear = lived.mainWear();
        machineId = lived.machineId;
        firstAt = lived.firstAt;
        lastAt = lived.lastAt;
        failed = lived.failed;
        missing = lived.missing;
        waits = lived.waits;
        projects = lived.projects;
        bigProjects = lived.bigProjects;
        projection = Projection.NUMBER;
    }

    /** Returns the minutes that were sewn with it since it was fitted. */
    double minutesSinceIn() {
        return minutesSinceIn;
    }

    /** Returns the looks that were done since it was fitted. */
    Set<FitCheck> checkedSinceIn() {
        return Stream.of(checked.split(" "))
                .filter(text -> !text.isEmpty())
                .map(FitCheck::valueOf)
                .collect(Collectors.toUnmodifiableSet());
    }

    public boolean isCoated() {
        return coated;
    }

    public NeedleInUse inUse() {
        return new NeedleInUse(needle(), Math.min(1000, effectiveHours), struck);
    }

    public NeedleRecord line() {
        return new NeedleRecord(
                id,
                needle(),
                state,
                keptAt,
                effectiveHours,
                minutes,
                struck,
                coated,
                Optional.ofNullable(lastSign),
                mainWear == null ? Wear.ORDINARY : mainWear,
                Optional.ofNullable(machineId),
                Optional.ofNullable(firstAt),
                Optional.ofNullable(lastAt),
                failed,
                missing,
                waits,
                projects,
                bigProjects);
    }
}
