package belonax.sound;

import java.util.random.RandomGenerator;

/**
 * A made-up sewing room, step by step: a lockstitch machine with its bar, hook and feed, a motor, the room itself, talk, a radio, a
 * needle that knocks and one that strikes the plate. It ships for tests and for trying the ear out, and is marked as simulated
 * wherever it is shown.
 */
public final class SimulatedRoom {
    static final double STEP_SECONDS = 1.0 / Loudness.PER_SECOND;

    /** Where in a stitch the bar turns, the point breaks through, the hook passes and the feed moves. */
    private static final double BAR = 0.02;

    private static final double POINT = 0.14;
    private static final double HOOK = 0.37;
    private static final double FEED = 0.72;

    /** What a stitch at eight a second comes to in each step, by which all other levels are measured. */
    private static final double STITCH_POWER = 8 * 1.8 * STEP_SECONDS;

    /** A band of noise fluctuates by its width times the time of a step. */
    private static final double BODY_SPREAD = 0.32;

    private static final double BRIGHT_SPREAD = 0.22;
    private static final double STRUCK_FALL_SECONDS = 0.06;

    private final Setting setting;
    private final RandomGenerator chance;
    private final SimulatedFoot foot;
    private final SimulatedTalk talk;
    private final SimulatedMusic music;
    private final double noise;
    private double phase = 0.5;
    private double rate;
    private double seconds;
    private double stitches;
    private double runningSeconds;
    private double bar;
    private double hiss;
    private double knock;
    private double ring;
    private double knockWander;
    private boolean hasStruck;
    private double body;
    private double bright;

    /**
     * How it is sewn.
     *
     * @param slowest stitches a second, 1 to 20
     * @param wander by how much a foot strays from its pace, as a share
     * @param startsAfter seconds
     * @param leastSewn seconds of one stretch
     */
    public record Sewing(
            double slowest,
            double fastest,
            double wander,
            double startsAfter,
            double leastSewn,
            double mostSewn,
            double leastPause,
            double mostPause) {
        /** Nobody sews. */
        public static final Sewing NEVER = new Sewing(8, 8, 0, 1e12, 1, 1, 1, 1);

        /** Returns seams of 3 to 25 seconds with pauses of 2 to 10. */
        public static Sewing seams(double slowest, double fastest) {
            return new Sewing(slowest, fastest, 0.04, 2, 3, 25, 2, 10);
        }

        /** Returns one long seam. */
        public static Sewing on(double rate, double seconds) {
            return new Sewing(rate, rate, 0.04, 2, seconds, seconds, 10, 10);
        }
    }

    /**
     * What the room is like.
     *
     * @param overNoise by how much the machine at eight stitches a second is louder than the room, in decibels
     * @param talk power of talk against the machine's; 0 for none
     * @param music the same of a radio
     * @param knock by how much the point's knock stands above what is bright in a stitch, in decibels
     * @param knockGrowsBy what it grows by, in decibels
     * @param growsAfterStitches when
     * @param struckAfterStitches when the needle strikes the plate, after which it is bent and thumps; never where that is less than 0
     */
    public record Setting(
            Sewing sewing,
            double overNoise,
            double talk,
            double music,
            double knock,
            double knockGrowsBy,
            int growsAfterStitches,
            int struckAfterStitches) {
        /** Returns a room with nothing in it but a machine, with a needle that hardly knocks. */
        public static Setting quiet(Sewing sewing, double overNoise) {
            return new Setting(sewing, overNoise, 0, 0, 3, 0, 0, -1);
        }

        public Setting withTalk(double power) {
            return new Setting(
                    sewing, overNoise, power, music, knock, knockGrowsBy, growsAfterStitches, struckAfterStitches);
        }

        public Setting withMusic(double power) {
            return new Setting(
                    sewing, overNoise, talk, power, knock, knockGrowsBy, growsAfterStitches, struckAfterStitches);
        }

        public Setting knocking(double decibels, double growsBy, int afterStitches) {
            return new Setting(sewing, overNoise, talk, music, decibels, growsBy, afterStitches, struckAfterStitches);
        }

        public Setting striking(int afterStitches) {
            return new Setting(sewing, overNoise, talk, music, knock, knockGrowsBy, growsAfterStitches, afterStitches);
        }
    }

    public SimulatedRoom(Setting setting, RandomGenerator chance) {
        this.setting = setting;
        this.chance = chance;
        foot = new SimulatedFoot(setting.sewing(), chance);
        talk = new SimulatedTalk(chance);
        music = new SimulatedMusic(chance);
        noise = STITCH_POWER * Math.pow(10, -setting.overNoise() / 10);
    }

    /** Goes on by a step and returns how loud it is. */
    public Loudness next() {
        go();
        double above = bright * Math.exp(BRIGHT_SPREAD * chance.nextGaussian() - BRIGHT_SPREAD * BRIGHT_SPREAD / 2);
        double below = body * Math.exp(BODY_SPREAD * chance.nextGaussian() - BODY_SPREAD * BODY_SPREAD / 2);
        return new Loudness(LEVEL * Math.sqrt(above + below), LEVEL * Math.sqrt(above + 0.03 * below));
    }

    /** As loud as all that may be comes to, a microphone hears it. */
    static final double LEVEL = 0.15;

    /** Goes on by a step; afterwards the powers of its bands are known. */
    void go() {
        seconds += STEP_SECONDS;
        double before = phase;
        rate = foot.next(STEP_SECONDS);
        double moved = rate * STEP_SECONDS;
        phase += moved;
        stitches += moved;
        runningSeconds += rate > 0 ? STEP_SECONDS : 0;
        fade();
        at(BAR, before, moved, 1, 0.18);
        at(HOOK, before, moved, 0.5, 0.22);
        at(FEED, before, moved, 0.3, 0.05);
        if (hasStruck) {
            at(POINT, before, moved, 1.2, 0.1);
        }
        knocks(before, moved);
        phase -= Math.floor(phase);
        talk.next(STEP_SECONDS);
        music.next(STEP_SECONDS);
        double motor = rate > 0 ? 0.15 * STITCH_POWER * rate / 8 : 0;
        double others = 2 * STITCH_POWER;
        body = bar + motor + 0.7 * noise + others * (setting.talk() * talk.body() + setting.music() * music.body());
        bright = hiss
                + knock
                + 0.3 * motor
                + 0.3 * noise
                + ring
                + others * (setting.talk() * talk.bright() + setting.music() * music.bright());
    }

    private void fade() {
        bar *= Math.exp(-STEP_SECONDS / 0.010);
        hiss *= Math.exp(-STEP_SECONDS / 0.006);
        knock = 0;
        ring *= Math.exp(-STEP_SECONDS / STRUCK_FALL_SECONDS);
    }

    /** Adds what sounds at that place of a stitch, where this step passes it. */
    private void at(double place, double before, double moved, double power, double brightPower) {
        double passed = passed(place, before, moved);
        if (passed >= 0) {
            double uneven = Math.exp(0.15 * chance.nextGaussian());
            bar += power * uneven * fading(passed, 0.010);
            hiss += brightPower * uneven * fading(passed, 0.006);
        }
    }

    private void knocks(double before, double moved) {
        double passed = passed(POINT, before, moved);
        if (passed < 0) {
            return;
        }
        knockWander += -0.02 * knockWander + 0.08 * chance.nextGaussian();
        double decibels = setting.knock()
                + (setting.knockGrowsBy() != 0 && stitches > setting.growsAfterStitches() ? setting.knockGrowsBy() : 0)
                + knockWander
                + 1.5 * chance.nextGaussian();
        knock = 0.12 * Math.pow(10, decibels / 10);
        if (!hasStruck && setting.struckAfterStitches() >= 0 && stitches > setting.struckAfterStitches()) {
            ring += 40;
            hasStruck = true;
        }
    }

    /** Returns how much of the step was left when it passed that place, 0 to 1; less than 0 where it did not. */
    private static double passed(double place, double before, double moved) {
        double to = place < before ? place + 1 : place;
        return moved > 0 && to < before + moved ? (before + moved - to) / moved : -1;
    }

    private static double fading(double left, double fall) {
        return Math.exp(-left * STEP_SECONDS / fall);
    }

    double body() {
        return body;
    }

    double bright() {
        return bright;
    }

    double ring() {
        return ring;
    }

    /** Returns the stitches a second at this moment. */
    public double rate() {
        return rate;
    }

    /** Returns the stitches that were really made. */
    public double stitches() {
        return stitches;
    }

    /** Returns how long the machine really ran. */
    public double runningSeconds() {
        return runningSeconds;
    }

    /** Returns how long it all took. */
    public double seconds() {
        return seconds;
    }
}
