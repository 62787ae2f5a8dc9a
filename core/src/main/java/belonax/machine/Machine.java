package belonax.machine;

import belonax.BadInput;
import belonax.needle.NeedleSystem;
import java.util.List;

/**
 * A machine as its manual and its owner describe it.
 *
 * @param name what its owner calls it
 * @param systems the needle systems that its own list names, never empty
 * @param slotMm width of the slot in the zigzag plate, in millimetres, 0 to 12
 * @param needlePlaces names of the places that hold a needle, one for most machines
 */
public record Machine(
        String name,
        MachineKind kind,
        List<NeedleSystem> systems,
        FlatSide flatSide,
        BobbinKind bobbin,
        MotorPower power,
        Plate plate,
        double slotMm,
        List<String> needlePlaces) {

    public Machine {
        systems = List.copyOf(systems);
        needlePlaces = List.copyOf(needlePlaces);
        BadInput.unless(
                !systems.isEmpty(),
                "systems",
                () -> "A machine takes at least one needle system. The manual or the front of the machine names it.");
        BadInput.unless(
                !needlePlaces.isEmpty(), "needlePlaces", () -> "A machine has at least one place for a needle.");
        BadInput.unless(
                slotMm >= 0 && slotMm <= 12, "slotMm", () -> "The slot of a home machine's plate is 0 to 12 mm wide.");
    }

    /** Tells whether needles with several points may be fitted: the flat has to face the back. */
    public boolean takesTwins() {
        return flatSide == FlatSide.BACK && kind != MachineKind.OVERLOCKER;
    }
}
