package belonax.fault;

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
    JAM("it jams", .004);

    private final String words;
    private final double leak;

    Symptom(String words, double leak) {
        this.words = words;
        this.leak = leak;
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
