package belonax.plan;

import belonax.machine.BobbinClass;
import belonax.thread.SewingThread;

/** How much thread a bobbin holds: thread fills 0.7 of its room. Source: docs/craft.md, "Bobbins". */
public final class BobbinFill {
    private static final double FILLED = 0.7;
    /** The two sides take some of the width. */
    private static final double SIDES_MM = 1.6;

    private BobbinFill() {}

    /** Returns about how many metres a full bobbin holds, in whole metres. */
    public static double aboutMetres(BobbinClass bobbin, SewingThread thread) {
        return Math.rint(metres(bobbin, thread));
    }

    /** Returns the metres that a full bobbin holds. */
    public static double metres(BobbinClass bobbin, SewingThread thread) {
        double ring = Math.PI / 4 * (square(bobbin.diameterMm()) - square(bobbin.coreMm()));
        double room = ring * (bobbin.widthMm() - SIDES_MM);
        return FILLED * room / (Math.PI / 4 * square(thread.diameterMm())) / 1000;
    }

    private static double square(double value) {
        return value * value;
    }
}
