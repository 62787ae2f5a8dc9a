package belonax.hazard;

import belonax.BadInput;
import belonax.cloth.Crossing;
import belonax.cloth.Stack;
import belonax.machine.Dial;
import belonax.machine.FootKind;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.machine.Reach;
import belonax.needle.NeedleSystem;
import belonax.thread.NeedleNote;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Gathers what is known of a job: an ordinary seam on an ordinary machine, until something else is said. */
public final class JobBuilder {
    Stack stack;
    SewingThread thread;
    Purpose purpose = Purpose.SEAM;
    MotorPower power = MotorPower.NORMAL;
    Plate plate = Plate.ZIGZAG;
    OptionalDouble slotMm = OptionalDouble.empty();
    boolean twinsAllowed = true;
    double stitchWidthMm;
    double offCentreMm;
    NeedleNote spoolNote = NeedleNote.NONE;
    int crossingLayers;
    int stitchingAlready;
    SizeSchool school = SizeSchool.INTERSECT;
    List<NeedleSystem> systems = List.of(NeedleSystem.H_130_705);
    List<BrokenBefore> brokenBefore = List.of();
    boolean washed;
    Optional<MachineKind> machineKind = Optional.empty();
    Reach reach = Reach.USUAL;
    Optional<List<FootKind>> feet = Optional.empty();
    Optional<Dial> dial = Optional.empty();

    JobBuilder(Stack stack, SewingThread thread) {
        this.stack = stack;
        this.thread = thread;
    }

    /** A job keeps what was told when it was built, whatever is told its builder afterwards. */
    JobBuilder(JobBuilder jobBuilder) {
        this(jobBuilder.stack, jobBuilder.thread);
        purpose = jobBuilder.purpose;
        power = jobBuilder.power;
        plate = jobBuilder.plate;
        slotMm = jobBuilder.slotMm;
        twinsAllowed = jobBuilder.twinsAllowed;
        stitchWidthMm = jobBuilder.stitchWidthMm;
        offCentreMm = jobBuilder.offCentreMm;
        spoolNote = jobBuilder.spoolNote;
        crossingLayers = jobBuilder.crossingLayers;
        stitchingAlready = jobBuilder.stitchingAlready;
        school = jobBuilder.school;
        systems = jobBuilder.systems;
        brokenBefore = jobBuilder.brokenBefore;
        washed = jobBuilder.washed;
        machineKind = jobBuilder.machineKind;
        reach = jobBuilder.reach;
        feet = jobBuilder.feet;
        dial = jobBuilder.dial;
    }

    public JobBuilder stack(Stack value) {
        stack = value;
        return this;
    }

    public JobBuilder thread(SewingThread value) {
        thread = value;
        return this;
    }

    public JobBuilder purpose(Purpose value) {
        purpose = value;
        return this;
    }

    /**
     * Takes from a machine what it is, what it lists, pierces, lifts over and lets through, and its dial. What is an ordinary
     * seam elsewhere is an overlock seam on an overlocker.
     */
    public JobBuilder on(Machine machine) {
        purpose = purpose == Purpose.SEAM ? Purpose.usualOn(machine.kind()) : purpose;
        systems(machine.systems())
                .power(machine.power())
                .plate(machine.passage())
                .twinsAllowed(machine.takesTwins())
                .machineKind(machine.kind())
                .reach(machine.reach())
                .dial(machine.dial());
        double slot = machine.slotMm();
        return slot > 0 ? slotMm(slot) : this;
    }

    /** Tells that the first cloth was washed before cutting. */
    public JobBuilder washed(boolean value) {
        washed = value;
        return this;
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

    public JobBuilder machineKind(MachineKind value) {
        machineKind = Optional.of(value);
        return this;
    }

    /** Tells how high the foot lifts and how thick a thread may be, where that is known. */
    public JobBuilder reach(Reach value) {
        reach = value;
        return this;
    }

    /** Tells which feet belong to the machine. */
    public JobBuilder feet(List<FootKind> value) {
        feet = Optional.of(List.copyOf(value));
        return this;
    }

    public JobBuilder dial(Dial value) {
        dial = Optional.of(value);
        return this;
    }

    /**
     * Tells the width of the narrower slot of plate and foot in millimetres; up to 2 mm it is a round hole.
     *
     * @throws BadInput if it is not between 0.5 and 15
     */
    public JobBuilder slotMm(double value) {
        BadInput.unless(
                value >= 0.5 && value <= 15,
                "slotMm",
                () -> "The slot of a plate or foot is 0.5 to 15 mm wide. Lay a ruler across it.");
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

    /** Sews nothing but the running seam. */
    public JobBuilder withoutCrossing() {
        crossingLayers = 0;
        return this;
    }

    /** Names the thickest crossing; how many layers it has is worked out. */
    public JobBuilder crossing(Crossing value) {
        return value == Crossing.NONE ? this : crossingLayers(value.layers(stack));
    }

    /**
     * Tells how many layers' worth of stitching lies in the cloth already.
     *
     * @throws BadInput if it is not between 0 and 8
     */
    public JobBuilder stitchingAlready(int value) {
        stack.withStitching(value);
        stitchingAlready = value;
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
