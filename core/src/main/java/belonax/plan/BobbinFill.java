package belonax.plan;

import belonax.machine.BobbinClass;
import belonax.thread.SewingThread;

/** How much thread a bobbin holds: thread fills 0.7 of its room. Source: docs/craft.md, "Bobbins". */
public final class BobbinFill {
    private BobbinFill() {}

    /** Returns about how many metres a full bobbin holds, in whole metres. */
    public static double aboutMetres(BobbinClass bobbin, SewingThread thread) {
        return Math.rint(metres(bobbin, thread));
    }

    /** Returns the metres that a full bobbin holds. */
    public static double metres(BobbinClass bobbin, SewingThread thread) {
        return BobbinRoom.of(bobbin).metres(thread);
    }
}
