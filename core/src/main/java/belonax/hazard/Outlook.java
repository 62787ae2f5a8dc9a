package belonax.hazard;

import belonax.needle.NeedleInUse;
import belonax.needle.NeedleType;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** One job, ready to have needles tried on it: factors that neither size nor past changes are summed once for each kind. */
public final class Outlook {
    private final Job job;
    private final HazardModel model;
    private final FiringRules rules;
    private final Map<KindRules, KindOutlook> kinds = new HashMap<>();
    private final Map<Eye, SizeTable> sizes = new HashMap<>();
    private @Nullable KindOutlook lastAsked;

    /** What needles share to which the size rules are the same. */
    private record Eye(double widthShare, boolean isWing) {}

    Outlook(Job job, HazardModel model, FiringRules rules) {
        this.job = job;
        this.model = model;
        this.rules = rules;
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

    /** Returns the rules that may fire on this needle. */
    List<Firing> factors(NeedleInUse needle) {
        return ofKind(needle).factors();
    }

    /** Returns the sums of the size rules for needles with this point's eye, shared by all kinds that have it. */
    SizeTable sizes(NeedleType point, int[] sizeRules) {
        return sizes.computeIfAbsent(
                new Eye(point.eye().widthShare(), point.isWinged()), eye -> new SizeTable(rules, sizeRules));
    }

    /** Needles come kind by kind, so the kind asked for last is mostly the one asked for next. */
    private KindOutlook ofKind(NeedleInUse needle) {
        KindOutlook last = lastAsked;
        if (last == null || !last.isOfKind(needle.needle())) {
            last = kinds.computeIfAbsent(
                    model.speakingOf(needle.needle()), kindRules -> new KindOutlook(this, rules, kindRules, needle));
            lastAsked = last;
        }
        return last;
    }
}
