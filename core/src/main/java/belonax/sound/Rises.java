package belonax.sound;

/** How much louder it gets from step to step, smoothed over as many steps as a beat may fall between. */
final class Rises {
    private double loud;
    private double before;
    private double smooth;
    private double smoothBefore;
    private double rise;
    private double riseBefore;

    /** Hears the next step and returns the rise of the one before. */
    double next(double now) {
        double smoothNow = (now + loud + before) / 3;
        before = loud;
        loud = now;
        double riseNow = Math.max(0, smoothNow - smoothBefore);
        smoothBefore = smooth;
        smooth = smoothNow;
        double around = (riseNow + 2 * rise + riseBefore) / 4;
        riseBefore = rise;
        rise = riseNow;
        return around;
    }
}
