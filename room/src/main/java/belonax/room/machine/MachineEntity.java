package belonax.room.machine;

import belonax.machine.BobbinKind;
import belonax.machine.BobbinMaterial;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.machine.FlatSide;
import belonax.machine.Foot;
import belonax.machine.FootKind;
import belonax.machine.FootLength;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Oiling;
import belonax.machine.Plate;
import belonax.machine.Reach;
import belonax.machine.StitchPlate;
import belonax.machine.Threading;
import belonax.machine.Threading.BobbinTurn;
import belonax.machine.WheelTurn;
import belonax.needle.NeedleSystem;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A machine of the sewing room, as it is stored. */
@Entity
@Table(name = "machine")
public class MachineEntity {
    @Id
    private String id = "";

    private int position;
    private String name = "";
    private String standsAt = "";

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private MachineKind kind = MachineKind.MECHANICAL;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private FlatSide flatSide = FlatSide.BACK;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private BobbinKind bobbin = BobbinKind.REMOVABLE;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private MotorPower power = MotorPower.NORMAL;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Plate plate = Plate.ZIGZAG;

    private double slotMm;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private WheelTurn wheelTurn = WheelTurn.TOWARDS_YOU;

    private String plateName = "";
    private String footName = "";
    private double footSlotMm;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable FootKind footKind;

    private @Nullable Double footLiftMm;
    private @Nullable Double thickestTex;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private DialKind dialKind = DialKind.NUMBERED;

    private double dialMin;
    private double dialMax;
    private double dialStep;
    private double dialNormalLow;
    private double dialNormalHigh;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Oiling oiling = Oiling.WHERE_THE_MANUAL_SAYS;

    private String bobbinClass = "";

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable BobbinMaterial bobbinMaterial;

    private String manualPlace = "";
    private String guides = "";

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private @Nullable BobbinTurn bobbinTurns;

    private boolean hasThreader;
    private boolean removed;
    private int revision;
    private double sewnMinutes;
    private double lintyMinutes;

    @SuppressWarnings("UnusedVariable") // Looked for by a query.
    private int projection = MachineMinutes.NUMBER;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "machine_plate", joinColumns = @JoinColumn(name = "machine_id"))
    @OrderColumn(name = "position")
    @Fetch(FetchMode.SUBSELECT)
    private List<OwnedPlate> plates = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "machine_foot", joinColumns = @JoinColumn(name = "machine_id"))
    @OrderColumn(name = "position")
    @Fetch(FetchMode.SUBSELECT)
    private List<OwnedFoot> feet = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "machine_system", joinColumns = @JoinColumn(name = "machine_id"))
    @OrderColumn(name = "position")
    @Fetch(FetchMode.SUBSELECT)
    @Column(name = "needle_system")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private List<NeedleSystem> systems = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "machine_place", joinColumns = @JoinColumn(name = "machine_id"))
    @OrderColumn(name = "position")
    @Fetch(FetchMode.SUBSELECT)
    @Column(name = "name")
    private List<String> places = new ArrayList<>();

    /** For Hibernate. */
    protected MachineEntity() {}

    public MachineEntity(String id, int position, MachineCard card) {
        this.id = id;
        this.position = position;
        put(card);
    }

    /** Writes the card over what stood here. */
    public void put(MachineCard card) {
        Machine machine = card.machine();
        name = machine.name();
        kind = machine.kind();
        flatSide = machine.flatSide();
        wheelTurn = machine.wheelTurn();
        bobbin = machine.bobbin();
        power = machine.power();
        oiling = machine.oiling();
        systems = new ArrayList<>(machine.systems());
        places = new ArrayList<>(machine.needlePlaces());
        putPlateAndFoot(machine);
        putDial(machine.dial());
        footLiftMm = nullable(machine.reach().footLiftMm());
        thickestTex = nullable(machine.reach().thickestTex());
        standsAt = card.standsAt();
        bobbinClass = card.bobbinClass();
        bobbinMaterial = card.bobbinMaterial();
        manualPlace = card.manualPlace();
        hasThreader = card.hasThreader();
        guides = String.join("\n", card.threaded().guides());
        bobbinTurns = card.threaded().bobbinTurns().orElse(null);
        plates = new ArrayList<>(card.plates().stream().map(OwnedPlate::new).toList());
        feet = new ArrayList<>(card.feet().stream()
                .map(foot -> new OwnedFoot(
                        foot,
                        card.lengthUnder(foot.name()).map(FootLength::share).orElse(null)))
                .toList());
        revision++;
    }

    public MachineCard card() {
        return new MachineCard(
                machine(),
                standsAt,
                plates.stream().map(OwnedPlate::plate).toList(),
                feet.stream().map(OwnedFoot::foot).toList(),
                bobbinClass,
                bobbinMaterial,
                manualPlace,
                hasThreader,
                new Threading(guides.lines().toList(), Optional.ofNullable(bobbinTurns)),
                feet.stream().flatMap(ownedFoot -> ownedFoot.length().stream()).toList());
    }

    public String id() {
        return id;
    }

    public int position() {
        return position;
    }

    public double sewnMinutes() {
        return sewnMinutes;
    }

    public double lintyMinutes() {
        return lintyMinutes;
    }

    /** Writes down what follows from its events. */
    void sewn(double minutes, double linty) {
        sewnMinutes = Math.max(0, minutes);
        lintyMinutes = Math.max(0, linty);
        projection = MachineMinutes.NUMBER;
    }

    public int revision() {
        return revision;
    }

    public boolean isRemoved() {
        return removed;
    }

    public void remove(boolean value) {
        removed = value;
        revision++;
    }

    private Machine machine() {
        return Machine.described(name, kind)
                .systems(systems)
                .flatSide(flatSide)
                .wheelTurn(wheelTurn)
                .bobbin(bobbin)
                .power(power)
                .plate(new StitchPlate(plateName, plate, slotMm))
                .foot(new Foot(footName, footSlotMm, Optional.ofNullable(footKind)))
                .dial(new Dial(dialKind, dialMin, dialMax, dialStep, dialNormalLow, dialNormalHigh))
                .oiling(oiling)
                .needlePlaces(places)
                .reach(new Reach(optional(footLiftMm), optional(thickestTex)))
                .build();
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static @Nullable Double nullable(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private void putPlateAndFoot(Machine machine) {
        plate = machine.plate().kind();
        slotMm = machine.plate().slotMm();
        plateName = machine.plate().name();
        footName = machine.foot().name();
        footSlotMm = machine.foot().slotMm();
        footKind = machine.foot().kind().orElse(null);
    }

    private void putDial(Dial dial) {
        dialKind = dial.kind();
        dialMin = dial.min();
        dialMax = dial.max();
        dialStep = dial.step();
        dialNormalLow = dial.normalLow();
        dialNormalHigh = dial.normalHigh();
    }

    /** A plate that belongs to the machine. */
    @Embeddable
    static class OwnedPlate {
        private String name = "";

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private Plate kind = Plate.ZIGZAG;

        private double slotMm;

        /** For Hibernate. */
        protected OwnedPlate() {}

        OwnedPlate(StitchPlate plate) {
            name = plate.name();
            kind = plate.kind();
            slotMm = plate.slotMm();
        }

        StitchPlate plate() {
            return new StitchPlate(name, kind, slotMm);
        }
    }

    /** A foot that belongs to the machine. */
    @Embeddable
    static class OwnedFoot {
        private String name = "";
        private double slotMm;

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private @Nullable FootKind kind;

        private @Nullable Double lengthShare;

        /** For Hibernate. */
        protected OwnedFoot() {}

        OwnedFoot(Foot foot, @Nullable Double share) {
            lengthShare = share;
            name = foot.name();
            slotMm = foot.slotMm();
            kind = foot.kind().orElse(null);
        }

        Optional<FootLength> length() {
            return Optional.ofNullable(lengthShare).map(value -> new FootLength(name, value));
        }

        Foot foot() {
            return new Foot(name, slotMm, Optional.ofNullable(kind));
        }
    }
}
