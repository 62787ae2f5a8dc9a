package belonax.sound;

import java.util.random.RandomGenerator;

/**
 * A made-up foot on the pedal: it sews for a while, stands for a while, speeds up and slows down as feet do. Each stretch has its own
 * pace.
 */
final class SimulatedFoot {
    /** Motors take about this long to their pace, in seconds. */
    private static final double TO_PACE_SECONDS = 0.35;

    private static final double WANDER_SECONDS = 3;

    private final SimulatedRoom.Sewing sewing;
    private final RandomGenerator chance;
    private double left;
    private boolean isDown;
    private double pace;
    private double rate;
    private double wander;

    SimulatedFoot(SimulatedRoom.Sewing sewing, RandomGenerator chance) {
        this.sewing = sewing;
        this.chance = chance;
        left = sewing.startsAfter();
    }

    /** Returns the stitches a second after so many seconds more; 0 while the machine stands. */
    double next(double seconds) {
        left -= seconds;
        if (left <= 0) {
            isDown = !isDown;
            left = isDown
                    ? between(sewing.leastSewn(), sewing.mostSewn())
                    : between(sewing.leastPause(), sewing.mostPause());
            pace = isDown ? between(sewing.slowest(), sewing.fastest()) : 0;
        }
        double change = seconds / WANDER_SECONDS;
        wander += -wander * change + sewing.wander() * Math.sqrt(2 * change) * chance.nextGaussian();
        double wanted = isDown ? pace * (1 + wander) : 0;
        rate += (wanted - rate) * Math.min(1, seconds / (isDown ? TO_PACE_SECONDS : TO_PACE_SECONDS / 3));
        if (!isDown && rate < 0.8) {
            rate = 0;
        }
        return rate;
    }

    private double between(double least, double most) {
        return least + (most - least) * chance.nextDouble();
    }
}
