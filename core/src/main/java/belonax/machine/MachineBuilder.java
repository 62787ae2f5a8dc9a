package belonax.machine;

import belonax.needle.NeedleSystem;
import java.util.List;

/** Gathers what is known of a machine; what is not told is as on most home machines of its kind. */
public final class MachineBuilder {
    private final String name;
    private final MachineKind kind;
    private List<NeedleSystem> systems = List.of(NeedleSystem.H_130_705);
    private FlatSide flatSide = FlatSide.BACK;
    private WheelTurn wheelTurn = WheelTurn.TOWARDS_YOU;
    private BobbinKind bobbin;
    private MotorPower power = MotorPower.NORMAL;
    private StitchPlate plate = StitchPlate.zigzag(7);
    private Foot foot = Foot.standard(7);
    private Dial dial = Dial.numbered();
    private Oiling oiling;
    private List<String> needlePlaces;
    private Reach reach = Reach.USUAL;

    MachineBuilder(String name, MachineKind kind) {
        this.name = name;
        this.kind = kind;
        boolean loopers = kind.hasLoopers();
        bobbin = loopers ? BobbinKind.NONE : kind == MachineKind.MECHANICAL ? BobbinKind.REMOVABLE : BobbinKind.SEALED;
        oiling = kind == MachineKind.COMPUTER_CONTROLLED ? Oiling.NEVER : Oiling.WHERE_THE_MANUAL_SAYS;
        needlePlaces = loopers ? List.of("left needle", "right needle") : List.of("needle");
    }

    /** Tells which needle systems its own list names. */
    public MachineBuilder systems(List<NeedleSystem> value) {
        systems = value;
        return this;
    }

    public MachineBuilder flatSide(FlatSide value) {
        flatSide = value;
        return this;
    }

    public MachineBuilder wheelTurn(WheelTurn value) {
        wheelTurn = value;
        return this;
    }

    public MachineBuilder bobbin(BobbinKind value) {
        bobbin = value;
        return this;
    }

    public MachineBuilder power(MotorPower value) {
        power = value;
        return this;
    }

    /** Tells which plate is on it. */
    public MachineBuilder plate(StitchPlate value) {
        plate = value;
        return this;
    }

    /** Tells which foot is on it. */
    public MachineBuilder foot(Foot value) {
        foot = value;
        return this;
    }

    public MachineBuilder dial(Dial value) {
        dial = value;
        return this;
    }

    public MachineBuilder oiling(Oiling value) {
        oiling = value;
        return this;
    }

    /** Names the places that hold a needle. */
    public MachineBuilder needlePlaces(List<String> value) {
        needlePlaces = value;
        return this;
    }

    public MachineBuilder reach(Reach value) {
        reach = value;
        return this;
    }

    /**
     * Returns the machine.
     *
     * @throws belonax.BadInput if it has no name, takes no needle system, or has no place for a needle
     */
    public Machine build() {
        return new Machine(
                name,
                kind,
                systems,
                flatSide,
                wheelTurn,
                bobbin,
                power,
                plate,
                foot,
                dial,
                oiling,
                needlePlaces,
                reach);
    }
}
