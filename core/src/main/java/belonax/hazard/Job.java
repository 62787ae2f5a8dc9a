package belonax.hazard;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.machine.Machine;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.NeedleNote;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What is to be sewn, all but the needle. What the factors ask for again and again is worked out once, when the job is
 * built.
 */
public final class Job {
    private static final double STABILISER_GSM = 80;
    private static final double HEAVY_GSM = 800;
    private static final double SOFT_BUT_HEAVY_GSM = 1100;
    private static final double STANDARD_EYE = NeedleType.UNIVERSAL.eye().widthShare();

    private final Stack stack;
    private final SewingThread thread;
    private final Purpose purpose;
    private final MotorPower power;
    private final Plate plate;
    private final OptionalDouble slotMm;
    private final boolean twinsAllowed;
    private final double stitchWidthMm;
    private final double offCentreMm;
    private final NeedleNote spoolNote;
    private final int crossingLayers;
    private final SizeSchool school;
    private final List<NeedleSystem> systems;
    private final List<BrokenBefore> brokenBefore;

    private final double resistingGsm;
    private final double threadDiameterMm;
    private final ClothWindow clothWindow;
    private final double largestThreadNm;
    private final boolean standardEyeMisses;
    private final boolean knit;
    private final boolean woven;
    private final boolean hide;
    private final boolean film;
    private final boolean tight;
    private final boolean open;
    private final boolean coated;
    private final boolean delicate;
    private final boolean keepsHoles;
    private final boolean lofty;
    private final boolean pile;
    private final double stretchPercent;

    private Job(Builder it) {
        stack = it.stack;
        thread = it.thread;
        purpose = it.purpose;
        power = it.power;
        plate = it.plate;
        slotMm = it.slotMm;
        twinsAllowed = it.twinsAllowed;
        stitchWidthMm = it.stitchWidthMm;
        offCentreMm = it.offCentreMm;
        spoolNote = it.spoolNote;
        crossingLayers = it.crossingLayers == 0 ? stack.layers() : it.crossingLayers;
        school = it.school;
        systems = it.systems;
        brokenBefore = it.brokenBefore;
        knit = stack.any(cloth -> cloth.structure() == Structure.KNIT);
        hide = stack.has(Structure.HIDE);
        film = stack.has(Structure.FILM);
        woven = !knit && !hide && stack.has(Structure.WOVEN);
        tight = stack.any(cloth -> cloth.density() == Density.TIGHT);
        open = stack.main().density() == Density.OPEN;
        coated = stack.has(Trait.COATED);
        delicate = stack.any(Cloth::isDelicate);
        keepsHoles = stack.has(Trait.PERMANENT_HOLES) || hide || film;
        lofty = stack.has(Trait.LOFTY);
        pile = stack.has(Trait.PILE);
        stretchPercent = stretchOf(stack);
        resistingGsm = stack.resistingGsm() + stabiliserGsm();
        threadDiameterMm = thread.diameterMm();
        clothWindow = ClothWindow.of(stack, resistingGsm);
        largestThreadNm = threadWindow(STANDARD_EYE).maxNm();
        standardEyeMisses = windowsMissEachOther(STANDARD_EYE);
    }

    /** Starts describing a job: an ordinary seam on an ordinary machine. */
    public static Builder sewing(Stack stack, SewingThread thread) {
        return new Builder(stack, thread);
    }

    public Stack stack() {
        return stack;
    }

    public SewingThread thread() {
        return thread;
    }

    public Purpose purpose() {
        return purpose;
    }

    public MotorPower power() {
        return power;
    }

    public Plate plate() {
        return plate;
    }

    /** Returns the width of the narrower slot of plate and foot in millimetres, where it is known. */
    public OptionalDouble slotMm() {
        return slotMm;
    }

    /** Tells whether the machine's flat faces the way that a needle with several points needs. */
    public boolean twinsAllowed() {
        return twinsAllowed;
    }

    public double stitchWidthMm() {
        return stitchWidthMm;
    }

    /** Returns how far the needle stands from the middle, in millimetres, to either side. */
    public double offCentreMm() {
        return offCentreMm;
    }

    /** Returns what is printed on the spool about needles. */
    public NeedleNote spoolNote() {
        return spoolNote;
    }

    /** Returns the layers at the thickest crossing, at least those of the seam. */
    public int crossingLayers() {
        return crossingLayers;
    }

    public SizeSchool school() {
        return school;
    }

    /** Returns how many needles like this one broke on this very cloth and machine before. */
    long brokenLike(Needle needle) {
        return brokenBefore.stream()
                .filter(it -> it.tellsOf(needle, stack.layers()))
                .count();
    }

    boolean hasBrokenBefore() {
        return !brokenBefore.isEmpty();
    }

    /** Returns the needle systems that the machine lists, the usual one first. */
    public List<NeedleSystem> systems() {
        return systems;
    }

    /** Returns the weight that counts against the blade in g/m², with a stabiliser where the stitching is dense. */
    public double resistingGsm() {
        return resistingGsm;
    }

    public double threadDiameterMm() {
        return threadDiameterMm;
    }

    public ClothWindow clothWindow() {
        return clothWindow;
    }

    /** Returns the thread's window for an eye of this width, as a share of the blade. */
    public ThreadWindow threadWindow(double eyeWidthShare) {
        return ThreadWindow.of(thread, eyeWidthShare);
    }

    public boolean isKnit() {
        return knit;
    }

    /** Tells whether it is woven with neither knit nor hide in the stack. */
    public boolean isWoven() {
        return woven;
    }

    public boolean isHide() {
        return hide;
    }

    public boolean isFilm() {
        return film;
    }

    public boolean isTight() {
        return tight;
    }

    public boolean isOpen() {
        return open;
    }

    public boolean isCoated() {
        return coated;
    }

    public boolean isDelicate() {
        return delicate;
    }

    /** Tells whether every hole stays. */
    public boolean keepsHoles() {
        return keepsHoles;
    }

    public boolean isLofty() {
        return lofty;
    }

    public boolean hasPile() {
        return pile;
    }

    /** Returns how far the most elastic knit of the stack gives, in per cent; without a knit, the main cloth. */
    public double stretchPercent() {
        return stretchPercent;
    }

    /** Tells whether a stretch needle stands before a jersey one: from 45 % stretch, in dense knits from 20 %. */
    public boolean isElasticKnit() {
        return knit && stretchPercent >= (tight ? 20 : 45);
    }

    /** Returns the stretch up to which a plain point can pass on this knit: 40 %, 30 % on a dense one. */
    public double plainPointLimitPercent() {
        return tight ? 30 : 40;
    }

    /** Tells whether the main cloth is a sheer woven, where a bigger hole shows more than a tight eye. */
    public boolean isSheer() {
        return stack.main().structure() == Structure.WOVEN && stack.main().weightGsm() < 60;
    }

    /** Tells whether it is fine, close and light: microfibre, ripstop, taffeta. */
    public boolean isTightAndFine() {
        return woven && tight && stack.main().weightGsm() < 200;
    }

    /** Tells whether a stiff blade matters: denim, canvas, dense twill, or many layers of a woven. */
    public boolean wantsStiffBlade() {
        return !knit
                && !hide
                && (stack.any(ClothWindow::isDenseTwill)
                        || woven && resistingGsm >= (lofty || pile ? SOFT_BUT_HEAVY_GSM : HEAVY_GSM)
                        || woven && stack.layers() >= 6);
    }

    /** Tells whether the thread is thick enough to be meant to be seen: from about tex 45 up. */
    public boolean hasThickThread() {
        return threadDiameterMm >= 0.26;
    }

    /**
     * Tells whether cloth and thread leave no size to this needle. The bigger eye of an embroidery or metallic needle
     * counts only in the work that it is made for.
     */
    boolean windowsMissEachOther(Needle needle) {
        double eye = needle.point().eye().widthShare();
        return eye == STANDARD_EYE || !isMadeForThisWork(needle.point())
                ? standardEyeMisses
                : windowsMissEachOther(eye);
    }

    /** Returns the largest blade whose hole the thread fills, in hundredths of a millimetre; no eye changes it. */
    double largestThreadNm() {
        return largestThreadNm;
    }

    /** Tells whether no standard size suits both cloth and thread with an eye of this width, as a share of the blade. */
    public boolean windowsMissEachOther(double eyeWidthShare) {
        return !clothWindow.sizes().meets(threadWindow(eyeWidthShare).sizes());
    }

    /** Tells whether a needle with a special eye is used for what it is made for; an ordinary one always is. */
    public boolean isMadeForThisWork(NeedleType point) {
        return switch (point) {
            case EMBROIDERY -> purpose.isDense();
            case METALLIC -> thread.isMetallic() || thread.isMonofilament();
            default -> true;
        };
    }

    private double stabiliserGsm() {
        return purpose.isDense() ? STABILISER_GSM : 0;
    }

    private static double stretchOf(Stack stack) {
        return stack.all().stream()
                .map(it -> it.cloth())
                .filter(it -> it.structure() == Structure.KNIT)
                .mapToDouble(Cloth::stretchPercent)
                .max()
                .orElse(stack.main().stretchPercent());
    }

    /** Gathers what is known of a job. */
    public static final class Builder {
        private final Stack stack;
        private final SewingThread thread;
        private Purpose purpose = Purpose.SEAM;
        private MotorPower power = MotorPower.NORMAL;
        private Plate plate = Plate.ZIGZAG;
        private OptionalDouble slotMm = OptionalDouble.empty();
        private boolean twinsAllowed = true;
        private double stitchWidthMm;
        private double offCentreMm;
        private NeedleNote spoolNote = NeedleNote.NONE;
        private int crossingLayers;
        private SizeSchool school = SizeSchool.INTERSECT;
        private List<NeedleSystem> systems = List.of(NeedleSystem.H_130_705);
        private List<BrokenBefore> brokenBefore = List.of();

        private Builder(Stack stack, SewingThread thread) {
            this.stack = stack;
            this.thread = thread;
        }

        public Builder purpose(Purpose value) {
            purpose = value;
            return this;
        }

        /** Takes from a machine what it lists, pierces and lets through. */
        public Builder on(Machine machine) {
            systems(machine.systems())
                    .power(machine.power())
                    .plate(machine.passage())
                    .twinsAllowed(machine.takesTwins());
            return machine.passage() == Plate.ZIGZAG ? slotMm(machine.slotMm()) : this;
        }

        /** Tells which needles broke on this very cloth and machine before. */
        public Builder brokenBefore(List<BrokenBefore> value) {
            brokenBefore = List.copyOf(value);
            return this;
        }

        public Builder power(MotorPower value) {
            power = value;
            return this;
        }

        public Builder plate(Plate value) {
            plate = value;
            return this;
        }

        /** Tells the width of the narrower slot of plate and foot in millimetres. */
        public Builder slotMm(double value) {
            slotMm = OptionalDouble.of(value);
            return this;
        }

        public Builder twinsAllowed(boolean value) {
            twinsAllowed = value;
            return this;
        }

        /**
         * Tells the width of the stitch in millimetres, 0 for a straight one.
         *
         * @throws BadInput if it is not between 0 and 12
         */
        public Builder stitchWidthMm(double value) {
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
        public Builder offCentreMm(double value) {
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
        public Builder crossingLayers(int value) {
            BadInput.unless(
                    value >= stack.layers() && value <= 32,
                    "crossingLayers",
                    () -> "The thickest crossing has at least the " + stack.layers()
                            + " layers of the seam and at most 32. Count them there.");
            crossingLayers = value;
            return this;
        }

        public Builder spoolNote(NeedleNote value) {
            spoolNote = value;
            return this;
        }

        public Builder school(SizeSchool value) {
            school = value;
            return this;
        }

        /**
         * Tells which needle systems the machine lists, the usual one first.
         *
         * @throws BadInput if there is none, or more than 12
         */
        public Builder systems(List<NeedleSystem> value) {
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
}
