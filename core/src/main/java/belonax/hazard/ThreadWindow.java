package belonax.hazard;

import belonax.needle.NeedleSize;
import belonax.thread.SewingThread;

/**
 * The blades that a thread fits, for one width of eye. The eye has to be at least 1.4 times as wide as the thread (it still
 * sews down to 1.27, with some shredding), and the thread has to fill at least 0.18 of the blade, or the hole is not filled
 * and the loop is slack; stiff monofilament throws its loop well and may fill only 0.14. The largest blade is never put
 * below NM 75. Tex 27 spun polyester: smallest 71 with a standard eye, 55 with a topstitch eye. Source: docs/craft.md, "The
 * thread's window".
 *
 * @param minNm smallest blade for comfort, in hundredths of a millimetre
 * @param maxNm largest blade, in hundredths of a millimetre
 */
public record ThreadWindow(double minNm, double maxNm) {
    /** Eye width over thread diameter that is comfortable. */
    public static final double COMFORT = 1.4;
    /** Eye width over thread diameter at which it still sews. */
    public static final double TIGHTEST = 1.27;

    private static final double FILLS_BLADE = 0.18;
    private static final double STIFF_FILLS_BLADE = 0.14;
    private static final double LARGEST_AT_LEAST_NM = 75;

    /** Returns the window of a thread for an eye of this width, as a share of the blade. */
    public static ThreadWindow of(SewingThread thread, double eyeWidthShare) {
        double diameterMm = thread.diameterMm();
        return new ThreadWindow(
                COMFORT * diameterMm / eyeWidthShare * 100,
                Math.max(LARGEST_AT_LEAST_NM, diameterMm / fills(thread) * 100));
    }

    /** Returns the diameter in millimetres from which such a thread fills the hole of this blade. */
    public static double diameterFillingMm(SewingThread thread, NeedleSize blade) {
        return fills(thread) * blade.bladeMm();
    }

    /** Returns the smallest blade through which it still sews, with some shredding, in hundredths of a millimetre. */
    public double tightestNm() {
        return minNm * TIGHTEST / COMFORT;
    }

    /** Returns the smallest and the largest standard size inside; the nearest one where none lies inside. */
    public SizeWindow sizes() {
        NeedleSize smallest = NeedleSize.NM_130;
        NeedleSize largest = NeedleSize.NM_60;
        for (NeedleSize size : NeedleSize.LADDER) {
            if (size.nm() <= maxNm) {
                largest = size;
            }
            if (size.nm() >= minNm && smallest == NeedleSize.NM_130) {
                smallest = size;
            }
        }
        return new SizeWindow(smallest, largest.compareTo(smallest) < 0 ? smallest : largest);
    }

    private static double fills(SewingThread thread) {
        return thread.isMonofilament() ? STIFF_FILLS_BLADE : FILLS_BLADE;
    }
}
