package belonax.hazard;

import belonax.BadInput;
import belonax.cloth.Stack;
import belonax.machine.Machine;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.needle.NeedleSystem;
import belonax.thread.NeedleNote;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.OptionalDouble;

/** Gathers what is known of a job: an ordinary seam on an ordinary machine, until something else is said. */
public final class JobBuilder {
    final Stack stack;
    final SewingThread thread;
    Purpose purpose = Purpose.SEAM;
    MotorPower power = MotorPower.NORMAL;
    Plate plate = Plate.ZIGZAG;
    OptionalDouble slotMm = OptionalDouble.empty();
    boolean twinsAllowed = true;
    double stitchWidthMm;
    double offCentreMm;
    NeedleNote spoolNote = NeedleNote.NONE;
    int crossingLayers;
    SizeSchool school = SizeSchool.INTERSECT;
    List<NeedleSystem> systems = List.of(NeedleSystem.H_130_705);
    List<BrokenBefore> brokenBefore = List.of();

    JobBuilder(Stack stack, SewingThread thread) {
        this.stack = stack;
        this.thread = thread;
    }

    public JobBuilder purpose(Purpose value) {
        purpose = value;
        return this;
    }

    /** Takes from a machine what it lists, pierces and lets through. */
    public JobBuilder on(Machine machine) {
        systems(machine.systems())
                .power(machine.power())
                .plate(machine.passage())
                .twinsAllowed(machine.takesTwins());
        return machine.passage() == Plate.ZIGZAG ? slotMm(machine.slotMm()) : this;
    }

    /** Tells which needles broke on this very cloth and machine before. */
    public JobBuilder brokenBefore(List<BrokenBefore> value) {
        brokenBefore = List.copyOf(value);
        return this;
    }

    public JobBuilder power(MotorPower value) {
        power = value;
        return this;
    }

    public JobBuilder plate(Plate value) {
        plate = value;
        return this;
    }

    /** Tells the width of the narrower slot of plate and foot in millimetres. */
    public JobBuilder slotMm(double value) {
        slotMm = OptionalDouble.of(value);
        return this;
    }

    public JobBuilder twinsAllowed(boolean value) {
        twinsAllowed = value;
        return this;
    }

    /**
     * Tells the width of the stitch in millimetres, 0 for a straight one.
     *
     * @throws BadInput if it is not between 0 and 12
     */
    public JobBuilder stitchWidthMm(double value) {
        BadInput.unless(
                value >= 0 && value <= 12,
                "stitchWidthMm",
                () -> "A stitch is 0 to 12 mm wide: 0 is straight. Read the width off the machine.");
        stitchWidthMm = value;
        return this;
    }

    /**
     * Tells how far the needle stands from the middle, in millimetres; the side does not matter.
     *
     * @throws BadInput if it is more than 6 mm
     */
    public JobBuilder offCentreMm(double value) {
        BadInput.unless(
                Math.abs(value) <= 6,
                "offCentreMm",
                () -> "A needle stands at most 6 mm off the middle; 0 is the middle. Read it off the machine.");
        offCentreMm = Math.abs(value);
        return this;
    }

    /**
     * Tells how many layers the thickest crossing has.
     *
     * @throws BadInput if it is not between the layers of the seam and 32
     */
    public JobBuilder crossingLayers(int value) {
        BadInput.unless(
                value >= stack.layers() && value <= 32,
                "crossingLayers",
                () -> "The thickest crossing has at least the " + stack.layers()
                        + " layers of the seam and at most 32. Count them there.");
        crossingLayers = value;
        return this;
    }

    public JobBuilder spoolNote(NeedleNote value) {
        spoolNote = value;
        return this;
    }

    public JobBuilder school(SizeSchool value) {
        school = value;
        return this;
    }

    /**
     * Tells which needle systems the machine lists, the usual one first.
     *
     * @throws BadInput if there is none, or more than 12
     */
    public JobBuilder systems(List<NeedleSystem> value) {
        BadInput.unless(
                !value.isEmpty() && value.size() <= 12,
                "systems",
                () -> "Name the needle systems that the machine takes, such as 130/705 H: 1 to 12 of them.");
        systems = value.stream().distinct().toList();
        return this;
    }

    public Job build() {
        return new Job(this);
    }
}
