package belonax.hazard;

import belonax.cloth.Cloth;
import belonax.cloth.CountedWeight;
import belonax.cloth.Density;
import belonax.cloth.Fade;
import belonax.cloth.Layers;
import belonax.cloth.Make;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.machine.Dial;
import belonax.machine.FootKind;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.NeedleTravel;
import belonax.machine.Plate;
import belonax.machine.Reach;
import belonax.needle.Eye;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.NeedleNote;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is to be sewn, all but the needle. What the factors ask for again and again is worked out once, when the job is
 * built.
 */
public final class Job {
    private static final double STABILISER_GSM = 80;
    /** Below this weight a woven is drawn up by the lightest pull. */
    private static final double DRAWN_UP_BELOW_GSM = 80;
    /** Below this weight a delicate woven is drawn up like a sheer. */
    private static final double SILK_BELOW_GSM = 130;

    private static final double HEAVY_GSM = 800;
    private static final double SOFT_BUT_HEAVY_GSM = 1100;
    private static final double STANDARD_EYE = Eye.STANDARD.widthShare();
    /** A knit that gives so much takes its own point with it into a seam with a woven. */
    private static final double LEADS_A_WOVEN_PERCENT = 15;
    /** Up to this weight a jeans, stretch or jersey needle still goes through a hide that is joined to cloth. */
    private static final double THIN_HIDE_GSM = 800;
    /** A seam in a cloth that gives so much pops where its thread does not give. */
    private static final double POPS_FROM_PERCENT = 15;
    /** A seam over rubber has to go on giving. */
    private static final double OVER_RUBBER_MM = 2;

    private final JobBuilder told;
    private final Stack stack;
    private final List<Carried> carried;
    private final Plate plate;
    private final int crossingLayers;
    private final double resistingGsm;
    private final double threadDiameterMm;
    private final ClothWindow clothWindow;
    private final double largestThreadNm;
    private final boolean standardEyeMisses;
    private final double tooThickForOrdinaryEyes;
    private final boolean knit;
    private final boolean hide;
    private final boolean film;
    private final boolean woven;
    private final boolean tight;
    private final boolean coated;
    private final double delicacy;
    private final boolean keepsHoles;
    private final boolean batting;
    private final double stretchPercent;
    private final double stiffness;
    private final double leastSwingMm;
    private final Limits limits;

    Job(JobBuilder jobBuilder) {
        told = new JobBuilder(jobBuilder);
        stack = jobBuilder.stack.withStitching(jobBuilder.stitchingAlready);
        carried = carried(stack);
        plate = jobBuilder.plate == Plate.STRAIGHT
                        || jobBuilder.slotMm.orElse(NeedleTravel.WIDEST_ROUND_MM + 1) <= NeedleTravel.WIDEST_ROUND_MM
                ? Plate.STRAIGHT
                : Plate.ZIGZAG;
        crossingLayers = jobBuilder.crossingLayers == 0 ? stack.layers() : jobBuilder.crossingLayers;
        knit = stack.carries(cloth -> cloth.structure() == Structure.KNIT);
        hide = stack.carries(cloth -> cloth.structure() == Structure.HIDE);
        film = stack.carries(cloth -> cloth.structure() == Structure.FILM);
        woven = !knit && !hide && stack.carries(cloth -> cloth.structure() == Structure.WOVEN);
        tight = stack.carries(cloth -> cloth.density() == Density.TIGHT);
        coated = stack.carries(cloth -> cloth.has(Trait.COATED));
        delicacy = carried.stream().mapToDouble(Carried::delicacy).max().orElse(0);
        keepsHoles = stack.carries(cloth -> cloth.has(Trait.PERMANENT_HOLES)) || hide || film;
        batting = stack.any(Job::isBatting);
        stretchPercent = carried.stream()
                .filter(Carried::isKnit)
                .mapToDouble(Carried::stretchPercent)
                .max()
                .orElse(stack.leading().stretchPercent());
        resistingGsm = stack.resistingGsm() + stabiliserGsm();
        threadDiameterMm = jobBuilder.thread.diameterMm();
        clothWindow = ClothWindow.of(stack, CountedWeight.HELPER * stabiliserGsm(), jobBuilder.purpose);
        largestThreadNm = threadWindow(STANDARD_EYE).maxNm();
        standardEyeMisses = windowsMissEachOther(STANDARD_EYE);
        tooThickForOrdinaryEyes = threadTooThick(STANDARD_EYE);
        stiffness = stiffnessOf();
        leastSwingMm = swing();
        limits = Limits.of(this);
    }

    /** Starts describing a job: an ordinary seam on an ordinary machine. */
    public static JobBuilder sewing(Stack stack, SewingThread thread) {
        return new JobBuilder(stack, thread);
    }

    /** Starts describing a job that differs from this one in what is told next. */
    public JobBuilder changed() {
        return new JobBuilder(told);
    }

    public Stack stack() {
        return stack;
    }

    public SewingThread thread() {
        return told.thread;
    }

    public Purpose purpose() {
        return told.purpose;
    }

    public MotorPower power() {
        return told.power;
    }

    /** Returns what plate and foot let the needle do. */
    public Plate plate() {
        return plate;
    }

    /** Returns the kind of machine, where it is told. */
    public Optional<MachineKind> machineKind() {
        return told.machineKind;
    }

    /** Returns what the machine takes. */
    public Reach reach() {
        return told.reach;
    }

    /** Returns the feet that belong to the machine, where they are told. */
    public Optional<List<FootKind>> feet() {
        return told.feet;
    }

    /** Returns the machine's tension dial, where it is told. */
    public Optional<Dial> dial() {
        return told.dial;
    }

    /** Returns the width of the narrower slot of plate and foot in millimetres, where it is known. */
    public OptionalDouble slotMm() {
        return told.slotMm;
    }

    /** Returns the round hole that the needle stands over, in millimetres, where there is one and it was measured. */
    OptionalDouble roundHoleMm() {
        double slot = told.slotMm.orElse(0);
        return plate == Plate.STRAIGHT && slot > 0 && slot <= NeedleTravel.WIDEST_ROUND_MM
                ? OptionalDouble.of(slot)
                : OptionalDouble.empty();
    }

    /** Tells whether the machine's flat faces the way that a needle with several points needs. */
    public boolean twinsAllowed() {
        return told.twinsAllowed;
    }

    /** Returns the stitch width that was asked for in millimetres, 0 for none. */
    public double stitchWidthMm() {
        return told.stitchWidthMm;
    }

    /** Returns how far the needle stands from the middle, in millimetres, to either side. */
    public double offCentreMm() {
        return told.offCentreMm;
    }

    /** Returns what is printed on the spool about needles. */
    public NeedleNote spoolNote() {
        return told.spoolNote;
    }

    /** Returns the layers at the thickest crossing, at least those of the seam. */
    public int crossingLayers() {
        return crossingLayers;
    }

    /** Tells whether a crossing thicker than the seam was told. */
    public boolean hasCrossing() {
        return crossingLayers > stack.layers();
    }

    public SizeSchool school() {
        return told.school;
    }

    /** Returns what no needle changes. */
    public Limits limits() {
        return limits;
    }

    /** Returns how many needles like this one broke on this very cloth and machine before. */
    long brokenLike(Needle needle) {
        return told.brokenBefore.stream()
                .filter(brokenBefore -> brokenBefore.tellsOf(needle, stack.layers()))
                .count();
    }

    boolean hasBrokenBefore() {
        return !told.brokenBefore.isEmpty();
    }

    /** Tells whether its first cloth was washed before cutting, so that it shrinks no more. */
    public boolean isWashed() {
        return told.washed;
    }

    /** Returns the needle systems that the machine lists, the usual one first. */
    public List<NeedleSystem> systems() {
        return told.systems;
    }

    /** Returns what the blade feels in g/m², every layer in full, with a stabiliser where the stitching is dense. */
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
        return ThreadWindow.of(told.thread, eyeWidthShare);
    }

    /** Returns the cloths that the seam joins, as the rules ask them. */
    List<Carried> carried() {
        return carried;
    }

    /** Tells whether the seam joins a knit. */
    public boolean isKnit() {
        return knit;
    }

    /** Tells whether the seam joins a woven and neither knit nor hide. */
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
        return stack.leading().density() == Density.OPEN;
    }

    public boolean isCoated() {
        return coated;
    }

    /** Tells whether it surely snags and shows holes. */
    public boolean isDelicate() {
        return delicacy > 0.5;
    }

    double delicacy() {
        return delicacy;
    }

    /** Tells whether every hole stays. */
    public boolean keepsHoles() {
        return keepsHoles;
    }

    public boolean isLofty() {
        return stack.carries(cloth -> cloth.has(Trait.LOFTY));
    }

    public boolean hasPile() {
        return stack.carries(cloth -> cloth.has(Trait.PILE));
    }

    /** Tells whether batting lies in the stack, ready-made or as a layer of its own. */
    public boolean hasBatting() {
        return batting;
    }

    /** Tells whether paper is sewn through that will be torn off. */
    public boolean hasPaper() {
        return stack.any(ClothWindow::isPaper);
    }

    /** Tells whether there is rubber under the needle, in elastic or in a cloth. */
    public boolean isOverRubber() {
        return stack.has(Trait.RUBBER) || purpose() == Purpose.ELASTIC;
    }

    /** Returns how far the most elastic knit of the seam gives, in per cent; without a knit, its first cloth. */
    public double stretchPercent() {
        return stretchPercent;
    }

    /** Tells whether a stretch needle stands before a jersey one: from 45 % stretch, in dense knits from 20 %. */
    public boolean isElasticKnit() {
        return carried.stream().anyMatch(otherCarried -> otherCarried.elastic() >= 0.5);
    }

    /** Tells whether a knit that gives is joined to a woven: the seam then takes the knit's point. */
    boolean knitLeadsWoven() {
        return knit
                && stretchPercent >= LEADS_A_WOVEN_PERCENT
                && carried.stream().anyMatch(Carried::isWoven);
    }

    /** Tells whether a hide is joined to another cloth. */
    boolean joinsHideToCloth() {
        return hide && carried.stream().anyMatch(otherCarried -> !otherCarried.isHide());
    }

    boolean joinsHideToKnit() {
        return hide && knit;
    }

    /** Returns how far the hide of the seam is too heavy for the needle of the cloth that is joined to it. */
    double heavyHide() {
        return carried.stream()
                .filter(Carried::isHide)
                .mapToDouble(otherCarried -> Fade.in(otherCarried.cloth().weightGsm(), THIN_HIDE_GSM))
                .max()
                .orElse(0);
    }

    /** Returns how far the first cloth is a sheer woven, where a bigger hole shows more than a tight eye. */
    double sheerness() {
        return stack.leading().sheerness();
    }

    /** Tells whether the first cloth is a sheer woven. */
    public boolean isSheer() {
        return sheerness() > 0.5;
    }

    /** Tells whether a seam in it puckers at the least pull: sheers, silks, linings. */
    public boolean drawsUpEasily() {
        Cloth cloth = stack.heaviest();
        return cloth.structure() == Structure.WOVEN
                && (cloth.weightGsm() < DRAWN_UP_BELOW_GSM
                        || cloth.weightGsm() < SILK_BELOW_GSM && cloth.has(Trait.DELICATE));
    }

    /** Tells whether a stiff blade matters: denim, canvas, dense twill, or a heavy stack of a woven. */
    public boolean wantsStiffBlade() {
        return stiffness > 0.5;
    }

    /** Returns how far a stiff blade matters, 0 to 1. */
    double stiffness() {
        return stiffness;
    }

    /** Returns how far so many layers lie there that a stout blade does no harm, 0 to 1. */
    double manyLayers() {
        return Fade.between(stack.layers(), 3, 6);
    }

    /** Returns how far the thread is thick enough to be meant to be seen: half at about tex 45. */
    double thickThread() {
        return Fade.in(threadDiameterMm, 0.26);
    }

    /** Tells whether the thread is thick enough to be meant to be seen. */
    public boolean hasThickThread() {
        return thickThread() > 0.5;
    }

    /** Returns how far from side to side the stitch has to take the needle, in millimetres, if it is to do its work. */
    public double leastSwingMm() {
        return leastSwingMm;
    }

    /** Tells whether the seam is worn, its cloth gives, and the thread does not: it snaps sooner or later. */
    public boolean popsInWear() {
        return purpose().isWorn() && stretchPercent >= POPS_FROM_PERCENT && !thread().gives();
    }

    /** Tells whether a little width would let the seam give, though a straight stitch serves: a knit's seam, hem or zip. */
    public boolean gainsBySwinging() {
        boolean joins = purpose() == Purpose.SEAM || purpose() == Purpose.HEM || purpose() == Purpose.ZIP;
        return joins && knit && !hide && !coated && stretchPercent >= 20;
    }

    /**
     * Tells whether cloth and thread leave no size to this needle. The bigger eye of an embroidery or metallic needle
     * counts only in the work that it is made for.
     */
    public boolean windowsMissEachOther(Needle needle) {
        double eye = eyeThatCounts(needle);
        return eye == STANDARD_EYE ? standardEyeMisses : windowsMissEachOther(eye);
    }

    /** Returns how far the thread is too thick for any size that the cloth leaves to this needle, 0 to 1, without rounding. */
    double threadTooThick(Needle needle) {
        return threadTooThick(eyeThatCounts(needle));
    }

    /** Returns how far the thread is too thick for an ordinary eye in any size that the cloth leaves, 0 to 1. */
    double tooThickForOrdinaryEyes() {
        return tooThickForOrdinaryEyes;
    }

    /** Returns how far the thread is too fine to fill any hole that the cloth leaves, 0 to 1, without rounding. */
    double threadTooFine() {
        return apart(clothWindow.step() - 1 - NeedleSize.stepOf(largestThreadNm));
    }

    private double threadTooThick(double eyeWidthShare) {
        return apart(NeedleSize.stepOf(threadWindow(eyeWidthShare).tightestNm()) - (clothWindow.step() + 1));
    }

    /** Windows that touch begin to disagree before they part. */
    private static double apart(double steps) {
        return Fade.between(steps, -0.35, 0.9);
    }

    /** Returns the largest blade whose hole the thread fills, in hundredths of a millimetre; no eye changes it. */
    double largestThreadNm() {
        return largestThreadNm;
    }

    /** Tells whether no standard size suits both cloth and thread with an eye of this width, as a share of the blade. */
    public boolean windowsMissEachOther(double eyeWidthShare) {
        return clothWindow.sizes().stepsFrom(threadWindow(eyeWidthShare)) > SizeWindow.TOUCHING_STEPS;
    }

    /** Tells whether a needle with a special eye is used for what it is made for; an ordinary one always is. */
    public boolean isMadeForThisWork(NeedleType point) {
        return switch (point.work()) {
            case DENSE_STITCHING -> purpose().isDense();
            case METALLIC_THREAD -> thread().isMetallic() || thread().isMonofilament();
            default -> true;
        };
    }

    private double eyeThatCounts(Needle needle) {
        double eye = needle.point().eye().widthShare();
        return isMadeForThisWork(needle.point()) ? eye : STANDARD_EYE;
    }

    private double stabiliserGsm() {
        return purpose().isDense() ? STABILISER_GSM : 0;
    }

    private double stiffnessOf() {
        if (knit || hide) {
            return 0;
        }
        double twill = carried.stream().mapToDouble(Carried::denseTwill).max().orElse(0);
        if (!woven) {
            return twill;
        }
        if (told.purpose == Purpose.BLIND_HEM) {
            return twill; // It only catches the fold.
        }
        double limit = isLofty() || hasPile() ? SOFT_BUT_HEAVY_GSM : HEAVY_GSM;
        return Math.max(twill, Fade.between(stack.counted().gsm(), 0.75 * limit, 1.4 * limit));
    }

    /** In hide and film a buttonhole is two straight lines and a cut, a bar tack and a satin edge a straight box. */
    private double swing() {
        boolean straightInstead = hide || film;
        double least = straightInstead ? 0 : purpose().leastSwingMm();
        boolean overRubber = isOverRubber()
                && (purpose() == Purpose.SEAM || purpose() == Purpose.HEM || purpose() == Purpose.ELASTIC);
        return Math.max(stitchWidthMm(), overRubber ? OVER_RUBBER_MM : least);
    }

    private static boolean isBatting(Cloth cloth) {
        return cloth.make() == Make.BATTING
                || cloth.make() == Make.SANDWICH
                || cloth.structure() == Structure.NONWOVEN && cloth.has(Trait.LOFTY);
    }

    private static List<Carried> carried(Stack stack) {
        List<Layers> layers = stack.carrying();
        List<Double> shares = stack.counted().shares();
        List<Carried> carried = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            carried.add(new Carried(layers.get(i).cloth(), shares.get(i)));
        }
        return List.copyOf(carried);
    }
}
