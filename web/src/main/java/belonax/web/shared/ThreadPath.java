package belonax.web.shared;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The rail of every page: the thread runs from the spool past each stop to the needle. */
public record ThreadPath(List<Stop> stops, @Nullable Stop here) {
    private static final int STOP_PX = 58;

    /** How the thread leaves the spool, and how it goes on from stop to stop without a kink. */
    private static final String FIRST_BEND = "c0 10-9 14 0 29s9 19 0 29";

    private static final String NEXT_BEND = "s-9 14 0 29s9 19 0 29";

    static ThreadPath at(@Nullable Stop here) {
        return new ThreadPath(Arrays.asList(Stop.values()), here);
    }

    /** Returns the thread from the first stop to the last, a bend each. */
    public String run() {
        return "M10 0" + FIRST_BEND + NEXT_BEND.repeat(stops.size() - 1);
    }

    /** Returns the box that the thread is drawn in. */
    public String box() {
        return "0 0 20 " + STOP_PX * stops.size();
    }

    /** Returns the stops that a phone shows behind “More”. */
    public List<Stop> besideTheWork() {
        return stops.stream().filter(stop -> !stop.takesWork()).toList();
    }

    /** Tells whether the page is one of those. */
    public boolean isBesideTheWork() {
        return here != null && !here.takesWork();
    }
}
