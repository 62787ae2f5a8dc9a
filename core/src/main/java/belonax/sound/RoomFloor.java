package belonax.sound;

import java.util.Arrays;

/** How quiet a room gets: the least power of the last minute; while a machine runs the time does not count. */
final class RoomFloor {
    private static final int SECONDS_A_BLOCK = 5;
    private static final int BLOCKS = 12;

    /** A microphone that is switched off is quieter than any room. */
    private static final double LEAST = 1e-9;

    private final double[] least = new double[BLOCKS];
    private final int looksABlock;
    private int block;
    private int looks;

    RoomFloor(int looksASecond) {
        looksABlock = SECONDS_A_BLOCK * looksASecond;
        Arrays.fill(least, Double.POSITIVE_INFINITY);
    }

    void hear(double power, boolean isRunning) {
        least[block] = Math.min(least[block], power);
        if (!isRunning && ++looks >= looksABlock) {
            looks = 0;
            block = (block + 1) % BLOCKS;
            least[block] = power;
        }
    }

    double power() {
        double all = Double.POSITIVE_INFINITY;
        for (double value : least) {
            all = Math.min(all, value);
        }
        return Math.max(LEAST, all);
    }
}
