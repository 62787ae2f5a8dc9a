package belonax.fault;

import belonax.life.Sign;
import java.util.EnumSet;
import java.util.Set;

/** What is seen, heard or felt. */
public enum Symptom implements Clue {
    SKIPPED_STITCHES("skipped stitches", .015),
    TOP_THREAD_BREAKS("the top thread breaks", .01),
    THREAD_SHREDS("the thread frays", .008),
    BOBBIN_THREAD_BREAKS("the bobbin thread breaks", .005),
    NEEDLE_BREAKS("the needle breaks", .005),
    NEST_BELOW("a nest below", .008),
    LOOPS_BELOW("loops below", .008),
    DOTS_ON_TOP("bobbin dots on top", .008),
    UNEVEN_TENSION("tension comes and goes", .01),
    PUCKER("the seam puckers", .015),
    WAVY_SEAM("the seam is wavy", .008),
    SEAM_POPS("the seam pops when pulled", .005),
    UNTHREADS_AT_START("it unthreads at the start", .005),
    BOBBIN_NOT_PICKED_UP("the bobbin thread is not picked up", .004),
    THREADER_MISSES("the threader misses the eye", .004),
    DOES_NOT_FEED("the cloth does not feed", .005),
    UNEVEN_LENGTH("stitches of uneven length", .006),
    HOLES("holes or ladders", .008),
    FOOT_MARKS("marks from the foot", .005),
    THUMP("a thump or pop at each stitch", .005),
    CLICK("a click", .005),
    METAL_NOISE("a sound of metal", .003),
    GRUNT("it grunts or labours", .006),
    JAM("it jams", .004),
    CLOTH_DRAWN_IN("the cloth is drawn into the plate", .003),
    PATTERN_DISTORTED("a buttonhole or pattern is distorted", .004),
    NEEDLE_DOES_NOT_MOVE("the motor runs, the needle stands", .002),
    MOTOR_DEAD("the motor is dead or only hums", .002),
    HOT_OR_SMOKE("a hot smell, smoke, sparks or tingling", .001),
    LOOPER_THREAD_BREAKS("a looper thread breaks", .005),
    LOOPS_OFF_EDGE("loops hang off the edge", .006),
    EDGE_CURLS("the edge curls or stretches", .006),
    KNIFE_DOES_NOT_CUT("the knife does not cut", .003),
    CHAIN_DOES_NOT_FORM("the chain does not form", .004);

    private static final Set<Symptom> OF_LOOPERS =
            EnumSet.of(LOOPER_THREAD_BREAKS, LOOPS_OFF_EDGE, EDGE_CURLS, KNIFE_DOES_NOT_CUT, CHAIN_DOES_NOT_FORM);
    private static final Set<Symptom> OF_A_BOBBIN =
            EnumSet.of(BOBBIN_THREAD_BREAKS, NEST_BELOW, DOTS_ON_TOP, BOBBIN_NOT_PICKED_UP, PATTERN_DISTORTED);

    private final String words;
    private final double leak;

    Symptom(String words, double leak) {
        this.words = words;
        this.leak = leak;
    }

    /** Tells whether only a machine with loopers can show it. */
    public boolean isOfLoopers() {
        return OF_LOOPERS.contains(this);
    }

    /** Tells whether it takes a bobbin, a plate pattern or a threader, which no overlocker has. */
    public boolean isOfABobbin() {
        return OF_A_BOBBIN.contains(this);
    }

    /** Returns what a sign that was heard or seen while sewing is a symptom of. */
    public static Symptom of(Sign sign) {
        return switch (sign) {
            case THUMP, POP -> THUMP;
            case CLICK -> CLICK;
            case LOUDER -> GRUNT;
            case SKIP -> SKIPPED_STITCHES;
            case SNAG -> HOLES;
            case FRAYS -> THREAD_SHREDS;
            case METAL -> METAL_NOISE;
            case LOOPS -> LOOPS_BELOW;
        };
    }

    public String words() {
        return words;
    }

    @Override
    public double leak() {
        return leak;
    }

    @Override
    public double shownBy(Cause cause) {
        return cause.shows().getOrDefault(this, 0.0);
    }
}
