package belonax.hazard;

import belonax.needle.NeedleInUse;
import org.jspecify.annotations.Nullable;

/** A rule as it applies to one job: how far, on which cloth, and what it is worth where no needle changes that. */
final class Firing {
    private final Factor factor;
    private final Job job;
    private final double degree;
    /** The log-odds where the job settles them, otherwise NaN. */
    private final double settled;

    private final Verdict limit;
    private final @Nullable Carried cloth;

    Firing(Factor factor, Job job, double degree, double settled, Verdict limit, @Nullable Carried cloth) {
        this.factor = factor;
        this.job = job;
        this.degree = degree;
        this.settled = settled;
        this.limit = limit;
        this.cloth = cloth;
    }

    Factor factor() {
        return factor;
    }

    /** Returns the best verdict that it leaves to a needle on which it fires. */
    Verdict limit() {
        return limit;
    }

    /** Returns the log-odds by which it moves its hazard; 0 when it does not fire. */
    double weight(NeedleInUse needle) {
        return Double.isNaN(settled) ? degree * factor.weight(job, needle) : settled;
    }

    String reason(NeedleInUse needle) {
        return factor.reason(job, needle, cloth);
    }
}
