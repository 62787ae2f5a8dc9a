package belonax.machine;

import belonax.BadInput;
import belonax.needle.NeedleSystem;
import java.util.List;

/**
 * A machine as its manual and its owner describe it, with the plate and the foot that are on it now.
 *
 * @param name what its owner calls it
 * @param systems the needle systems that its own list names, never empty
 * @param needlePlaces names of the places that hold a needle, one for most machines
 * @param reach what it takes, where that is known
 */
public record Machine(
        String name,
        MachineKind kind,
        List<NeedleSystem> systems,
        FlatSide flatSide,
        WheelTurn wheelTurn,
        BobbinKind bobbin,
        MotorPower power,
        StitchPlate plate,
        Foot foot,
        Dial dial,
        Oiling oiling,
        List<String> needlePlaces,
        Reach reach) {

    public Machine {
        systems = List.copyOf(systems);
        needlePlaces = List.copyOf(needlePlaces);
        BadInput.unless(!name.isBlank(), "name", () -> "Give the machine a name, so that the strip can show it.");
        BadInput.unless(
                !systems.isEmpty(),
                "systems",
                () -> "A machine takes at least one needle system. The manual or the front of the machine names it.");
        BadInput.unless(
                !needlePlaces.isEmpty() && needlePlaces.size() <= 5,
                "needlePlaces",
                () -> "A machine has one to five places for a needle.");
    }

    /** Returns what most home machines are like: one flat needle with its flat at the back, slot of 7 mm. */
    public static Machine ordinary(String name, MachineKind kind) {
        boolean overlocker = kind.hasLoopers();
        return new Machine(
                name,
                kind,
                List.of(NeedleSystem.H_130_705),
                FlatSide.BACK,
                WheelTurn.TOWARDS_YOU,
                overlocker
                        ? BobbinKind.NONE
                        : kind == MachineKind.MECHANICAL ? BobbinKind.REMOVABLE : BobbinKind.SEALED,
                MotorPower.NORMAL,
                StitchPlate.zigzag(7),
                Foot.standard(7),
                Dial.numbered(),
                kind == MachineKind.COMPUTER_CONTROLLED ? Oiling.NEVER : Oiling.WHERE_THE_MANUAL_SAYS,
                overlocker ? List.of("left needle", "right needle") : List.of("needle"),
                Reach.USUAL);
    }

    /** Tells whether needles with several points may be fitted: the flat has to face the back. */
    public boolean takesTwins() {
        return flatSide == FlatSide.BACK && !kind.hasLoopers();
    }

    /** Returns what the needle may do: with a round hole in plate or foot, nothing but straight down the middle. */
    public Plate passage() {
        return plate.kind() == Plate.STRAIGHT || foot.hasRoundHole() ? Plate.STRAIGHT : Plate.ZIGZAG;
    }

    /** Returns the narrower of the slots of plate and foot, in millimetres. */
    public double slotMm() {
        return Math.min(plate.slotMm(), foot.slotMm());
    }

    public Machine withSystems(List<NeedleSystem> value) {
        return new Machine(
                name, kind, value, flatSide, wheelTurn, bobbin, power, plate, foot, dial, oiling, needlePlaces, reach);
    }

    public Machine withFlatSide(FlatSide value) {
        return new Machine(
                name, kind, systems, value, wheelTurn, bobbin, power, plate, foot, dial, oiling, needlePlaces, reach);
    }

    public Machine withPower(MotorPower value) {
        return new Machine(
                name,
                kind,
                systems,
                flatSide,
                wheelTurn,
                bobbin,
                value,
                plate,
                foot,
                dial,
                oiling,
                needlePlaces,
                reach);
    }

    /** Returns the same machine with this plate and foot on it. */
    public Machine with(StitchPlate newPlate, Foot newFoot) {
        return new Machine(
                name,
                kind,
                systems,
                flatSide,
                wheelTurn,
                bobbin,
                power,
                newPlate,
                newFoot,
                dial,
                oiling,
                needlePlaces,
                reach);
    }

    public Machine withReach(Reach value) {
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
                value);
    }

    public Machine withDial(Dial value) {
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
                value,
                oiling,
                needlePlaces,
                reach);
    }
}
