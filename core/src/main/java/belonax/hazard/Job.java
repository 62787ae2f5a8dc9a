package belonax.hazard;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
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

    Job(JobBuilder it) {
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
    public static JobBuilder sewing(Stack stack, SewingThread thread) {
        return new JobBuilder(stack, thread);
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
}
