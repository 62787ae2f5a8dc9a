package belonax.hazard;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One job, ready to have needles tried on it: factors that neither size nor past changes are summed once for each kind. */
public final class Outlook {
    private final Job job;
    private final HazardModel model;
    private final boolean[] fires;
    private final Map<Kind, KindOutlook> kinds = new HashMap<>();

    /** What needles share that differ in size and past alone. */
    private record Kind(NeedleSystem system, NeedleType type, NeedleType point) {}

    Outlook(Job job, HazardModel model, boolean[] fires) {
        this.job = job;
        this.model = model;
        this.fires = fires;
    }

    public Job job() {
        return job;
    }

    /** Returns what to expect of this needle. */
    public Prediction with(NeedleInUse needle) {
        return ofKind(needle).with(needle);
    }

    /** Tells whether needles of this kind must not be used here, whatever their size. */
    public boolean forbids(NeedleInUse needle) {
        return ofKind(needle).limit() == Verdict.AVOID;
    }

    /** Returns the factors that may fire on this needle. */
    List<Factor> factors(NeedleInUse needle) {
        return ofKind(needle).factors();
    }

    private KindOutlook ofKind(NeedleInUse needle) {
        Needle it = needle.needle();
        return kinds.computeIfAbsent(
                new Kind(it.system(), it.type(), it.point()),
                kind -> new KindOutlook(this, model.firing(fires, it), needle));
    }
}
