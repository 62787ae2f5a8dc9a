package belonax.hazard;

import belonax.Shown;
import belonax.cloth.Stack;
import belonax.machine.MachineKind;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Limits that no needle changes: what goes under the foot, what the motor pierces, what thread the machine is made for, how
 * far the needle may swing, and what such a machine sews at all. Source: docs/craft.md, "Limits".
 */
public final class Limits {
    private static final double USUAL_LIFT_MM = 6;
    private static final double COMFORTABLE_LIFT = 0.8;
    private static final double USUAL_THICKEST_TEX = 90;
    /** From one and a half times what the machine is made for on, it is a thread for other machines: tex 135 of 90. */
    private static final double OTHER_MACHINES = 1.5;
    /** A long eye in a stout blade takes a thread a sixth thicker than the rest: tex 105 of 90. */
    private static final double LONG_EYE = 105.0 / 90;
    /** A crossing is a few stitches, turned by hand. */
    private static final double CROSSING_COUNTS = 0.6;

    private static final double CROSSING_TOO_FAR = 1.3;
    private static final double LABOURS_FROM = 0.85;

    private static final Limit NOTHING = new Limit(Limit.Kind.MACHINE, Verdict.GOOD, "", "");

    private final List<Limit> binding;
    private final Limit thread;
    private final Verdict allButThread;
    private final double load;
    private final boolean longEyeMayDo;

    private Limits(List<Limit> others, Limit thread, boolean longEyeMayDo, double load) {
        this.thread = thread;
        this.longEyeMayDo = longEyeMayDo;
        this.load = load;
        this.allButThread = others.stream().map(Limit::verdict).reduce(Verdict.GOOD, Verdict::or);
        List<Limit> all = new ArrayList<>(others);
        if (thread.verdict() != Verdict.GOOD) {
            all.add(thread);
        }
        this.binding = List.copyOf(all);
    }

    static Limits of(Job job) {
        List<Limit> others = new ArrayList<>();
        strike(job).ifPresent(others::add);
        machine(job).ifPresent(others::add);
        height(job).ifPresent(others::add);
        piercing(job).ifPresent(others::add);
        double thickest = job.reach().thickestTex().orElse(USUAL_THICKEST_TEX);
        boolean longEyeMayDo = job.thread().totalTex() <= thickest * LONG_EYE;
        return new Limits(others, thread(job, thickest), longEyeMayDo, load(job));
    }

    /** Returns what binds on this job, a strike first; empty where nothing does. */
    public List<Limit> binding() {
        return binding;
    }

    /** Returns the best verdict that a needle can have here. */
    public Verdict cap(Needle needle) {
        boolean longEye = longEyeMayDo
                && NeedleShapes.longEye(needle.point())
                && needle.size().compareTo(NeedleSize.NM_110) >= 0;
        return longEye ? allButThread : allButThread.or(thread.verdict());
    }

    /** Tells whether no needle will do. */
    public boolean forbidAll() {
        return allButThread.or(thread.verdict()) == Verdict.AVOID;
    }

    /** Returns what forbids the work with every needle, if anything does. */
    public Optional<Limit> forbidding() {
        return binding.stream()
                .filter(limit -> forbidAll() && limit.verdict() == Verdict.AVOID)
                .findFirst();
    }

    /** Returns how much of what the motor pierces the work takes, crossings at six tenths; 1 is all of it. */
    double load() {
        return load;
    }

    /** Returns how much of what the motor pierces the running seam takes. */
    public static double seamLoad(Job job) {
        return job.stack().piercingGsm() / job.power().piercesGsm();
    }

    private static double load(Job job) {
        double seam = seamLoad(job);
        return job.hasCrossing() ? Math.max(seam, crossingLoad(job)) : seam;
    }

    private static double crossingLoad(Job job) {
        return CROSSING_COUNTS
                * job.stack().piercingGsm(job.crossingLayers())
                / job.power().piercesGsm();
    }

    private static Optional<Limit> height(Job job) {
        double lift = job.reach().footLiftMm().orElse(USUAL_LIFT_MM);
        Stack stack = job.stack();
        double seam = stack.heightMm();
        if (seam > lift) {
            return limit(
                    Limit.Kind.HEIGHT,
                    Verdict.AVOID,
                    "It does not go under the foot: pressed flat it is still %.1f mm high, and the foot lifts %.1f mm.",
                    seam,
                    lift,
                    "Sew fewer layers at once, skive or grade the seam, or use a machine whose foot lifts higher.");
        }
        if (job.hasCrossing()) {
            double crossing = stack.heightMm(job.crossingLayers());
            if (crossing > lift) {
                return limit(
                        Limit.Kind.HEIGHT,
                        crossing > CROSSING_TOO_FAR * lift ? Verdict.AVOID : Verdict.CAN_PASS,
                        "The crossing is %.1f mm high even when it is hammered flat, and the foot lifts %.1f mm.",
                        crossing,
                        lift,
                        "Hammer it flat, skive or grade the seam, and turn the wheel by hand over it with the foot levelled;"
                                + " or stop before it and close the gap by hand.");
            }
        }
        return seam > COMFORTABLE_LIFT * lift
                ? limit(
                        Limit.Kind.HEIGHT,
                        Verdict.CAN_PASS,
                        "It barely goes under the foot: pressed flat it is %.1f mm high, and the foot lifts %.1f mm.",
                        seam,
                        lift,
                        "Flatten it, use the extra lift if there is one, and sew slowly.")
                : Optional.empty();
    }

    private static Optional<Limit> piercing(Job job) {
        double can = job.power().piercesGsm();
        double seam = job.stack().piercingGsm();
        if (seam > can) {
            return limit(
                    Limit.Kind.PIERCING,
                    Verdict.AVOID,
                    "This is too much for the motor: it would have to pierce %.0f g/m² of such cloth, and a motor like this"
                            + " does about %.0f.",
                    seam,
                    can,
                    "No needle gives it more strength: flatten, skive or grade the seam, sew fewer layers at once, or take it"
                            + " to a stronger machine.");
        }
        if (job.hasCrossing()) {
            double crossing = CROSSING_COUNTS * job.stack().piercingGsm(job.crossingLayers());
            if (crossing > can) {
                return limit(
                        Limit.Kind.PIERCING,
                        crossing > CROSSING_TOO_FAR * can ? Verdict.AVOID : Verdict.CAN_PASS,
                        "The crossing is more than the motor pierces, even as a few stitches: it counts %.0f g/m² of such cloth"
                                + " against about %.0f.",
                        crossing,
                        can,
                        "Flatten and grade the crossing and turn the wheel by hand through it; or stop before it and close the"
                                + " gap by hand.");
            }
        }
        return seam > LABOURS_FROM * can
                ? limit(
                        Limit.Kind.PIERCING,
                        Verdict.CAN_PASS,
                        "This is near what the motor pierces: %.0f g/m² of such cloth against about %.0f.",
                        seam,
                        can,
                        "Sew slowly, turn thick places by hand, and stop if the motor hums without turning.")
                : Optional.empty();
    }

    private static Limit thread(Job job, double thickest) {
        double tex = job.thread().totalTex();
        if (!(tex > thickest)) {
            return NOTHING;
        }
        boolean forOthers = tex >= OTHER_MACHINES * thickest;
        return new Limit(
                Limit.Kind.THREAD,
                forOthers ? Verdict.AVOID : Verdict.CAN_PASS,
                String.format(
                        Locale.ROOT,
                        forOthers
                                ? "Tex %.0f on top is for other machines: hook, discs and check spring of this one are made for"
                                        + " up to about tex %.0f."
                                : "Tex %.0f on top can pass at most: hook, discs and check spring are made for up to about"
                                        + " tex %.0f.",
                        tex,
                        thickest),
                Shown.capital(shownInstead(job)));
    }

    /** Returns where a thread goes that is too thick for the needle and meant to be seen, as the end of a sentence. */
    public static String shownInstead(Job job) {
        return job.machineKind().filter(MachineKind::hasLoopers).isPresent()
                ? "put it in the upper looper, whose eye takes it, with an ordinary thread in the needle."
                : "wind it on the bobbin by hand, in a spare case with its screw opened, and sew with the right side down and an"
                        + " ordinary thread on top.";
    }

    private static Optional<Limit> strike(Job job) {
        if (job.plate() == Plate.ZIGZAG || job.leastSwingMm() == 0 && job.offCentreMm() == 0) {
            return job.plate() == Plate.STRAIGHT && job.gainsBySwinging()
                    ? Optional.of(
                            new Limit(
                                    Limit.Kind.STRIKE,
                                    Verdict.CAN_PASS,
                                    "The plate or foot that is on has one round hole, so the stitch is straight, and it gives less than"
                                            + " this knit does.",
                                    "Stretch the seam lightly as it passes, or put the zigzag plate and a foot with a slot on."))
                    : Optional.empty();
        }
        return Optional.of(
                new Limit(
                        Limit.Kind.STRIKE,
                        Verdict.AVOID,
                        "The plate or foot that is on has one round hole, and "
                                + job.purpose().words() + " here takes the needle "
                                + (job.leastSwingMm() > 0 ? "from side to side" : "off the middle")
                                + ": it would strike.",
                        "Change to the zigzag plate and a foot with a slot, then turn the wheel by hand through one full pattern."));
    }

    private static Optional<Limit> machine(Job job) {
        if (job.machineKind().isEmpty()) {
            return Optional.empty();
        }
        MachineKind kind = job.machineKind().get();
        if (job.purpose().isSewnOn(kind)) {
            return Optional.empty();
        }
        boolean loopers = kind.hasLoopers();
        String sews = loopers
                ? "it sews overlock seams and rolled hems" + (kind == MachineKind.COVERLOCK ? ", and cover hems" : "")
                : "it has no loopers";
        return Optional.of(new Limit(
                Limit.Kind.MACHINE,
                Verdict.AVOID,
                (loopers ? "This is not the machine for " : "A lockstitch machine is not the one for ")
                        + job.purpose().words() + ": " + sews + ".",
                loopers
                        ? "Sew it on a lockstitch machine."
                        : job.purpose() == Purpose.COVER_HEM
                                ? "Sew it on a coverlock, or hem with a stretch twin instead."
                                : "Sew it on an overlocker, or sew the seam and overcast its edge with a zigzag."));
    }

    private static Optional<Limit> limit(
            Limit.Kind kind, Verdict verdict, String text, double is, double can, String wayOut) {
        return Optional.of(new Limit(kind, verdict, String.format(Locale.ROOT, text, is, can), wayOut));
    }
}
