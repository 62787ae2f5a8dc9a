package belonax.machine;

import belonax.thread.SewingThread;

/**
 * Where the guide expects a dial to balance, told as numbers of a dial from 0 to 9 above the middle of its usual band: about 0.7
 * lower for a thread twice as thick, 0.3 lower per millimetre of stack as the foot presses it (those above 8 mm count as 8), 0.15
 * lower per millimetre of stitch width; metallic 1.5, monofilament 1 and filament half a number lower. However fine it is, clear
 * thread starts no higher than an ordinary thread of the same stack. One model for the place to start and for what
 * is believed before the first strip. Source: docs/craft.md, "Starting dial".
 */
public final class DialGuide {
    private static final double USUAL_TEX = 25;
    private static final double USUAL_STACK_MM = 0.7;
    private static final double THICKEST_STACK_MM = 8;
    private static final double METALLIC = -1.5;
    private static final double MONOFILAMENT = -1.0;
    private static final double FILAMENT = -0.5;
    private static final double NUMBERS = 9;
    private static final double[] SLOPES = {0, -0.7, -0.3, -0.15};

    private DialGuide() {}

    /** Returns the slopes for: this machine, thread twice as thick, a millimetre of stack, a millimetre of stitch width. */
    public static double[] slopes() {
        return SLOPES.clone();
    }

    /** Returns what the slopes are multiplied by. */
    public static double[] features(SewingThread thread, double stackMm, double stitchWidthMm) {
        return new double[] {
            1,
            Math.log(texThatCounts(thread) / USUAL_TEX) / Math.log(2),
            Math.min(THICKEST_STACK_MM, stackMm) - USUAL_STACK_MM,
            stitchWidthMm
        };
    }

    /** Returns by how many numbers thickness, stack and width move the dial. */
    public static double moved(SewingThread thread, double stackMm, double stitchWidthMm) {
        double[] features = features(thread, stackMm, stitchWidthMm);
        double moved = 0;
        for (int i = 0; i < SLOPES.length; i++) {
            moved += SLOPES[i] * features[i];
        }
        return moved;
    }

    /** Returns by how many numbers what a thread is made of moves the dial. */
    public static double ofThread(SewingThread thread) {
        if (thread.isMetallic()) {
            return METALLIC;
        }
        return thread.isMonofilament() ? MONOFILAMENT : thread.isFilament() ? FILAMENT : 0;
    }

    /** Clear thread is fine and yet springy: its fineness is no reason to pull more. */
    private static double texThatCounts(SewingThread thread) {
        return thread.isMonofilament() ? Math.max(USUAL_TEX, thread.totalTex()) : thread.totalTex();
    }

    /** Returns how much of a dial is one number on a dial from 0 to 9. */
    public static double number(Dial dial) {
        return (dial.max() - dial.min()) / NUMBERS;
    }

    /** Returns the middle of a dial's usual band. */
    public static double usual(Dial dial) {
        return (dial.normalLow() + dial.normalHigh()) / 2;
    }
}
