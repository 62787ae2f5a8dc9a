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
        return described(name, kind).build();
    }

    /** Starts describing a machine that is an ordinary one of its kind but for what is said. */
    public static MachineBuilder described(String name, MachineKind kind) {
        return new MachineBuilder(name, kind);
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
}
