package belonax.web.shared.room;

import belonax.machine.BobbinKind;
import belonax.machine.FlatSide;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.needle.NeedleSystem;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
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
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A machine of the sewing room, as it is stored. */
@Entity
@Table(name = "machine")
class MachineEntity {
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

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "machine_system", joinColumns = @JoinColumn(name = "machine_id"))
    @OrderColumn(name = "position")
    @Column(name = "needle_system")
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private List<NeedleSystem> systems = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "machine_place", joinColumns = @JoinColumn(name = "machine_id"))
    @OrderColumn(name = "position")
    @Column(name = "name")
    private List<String> places = new ArrayList<>();

    /** For Hibernate. */
    protected MachineEntity() {}

    MachineEntity(String id, int position, String standsAt, Machine machine) {
        this.id = id;
        this.position = position;
        this.standsAt = standsAt;
        name = machine.name();
        kind = machine.kind();
        flatSide = machine.flatSide();
        bobbin = machine.bobbin();
        power = machine.power();
        plate = machine.plate();
        slotMm = machine.slotMm();
        systems = new ArrayList<>(machine.systems());
        places = new ArrayList<>(machine.needlePlaces());
    }

    String id() {
        return id;
    }

    String standsAt() {
        return standsAt;
    }

    Machine machine() {
        return new Machine(name, kind, systems, flatSide, bobbin, power, plate, slotMm, places);
    }

    int position() {
        return position;
    }
}
