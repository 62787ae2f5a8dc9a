package belonax.hazard;

import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import org.jspecify.annotations.Nullable;

/** What the size rules make of each size on one job with one kind of eye, worked out when it is first asked for. */
final class SizeTable {
    private final FiringRules rules;
    private final int[] sizeRules;
    private final @Nullable Sums[] bySize = new Sums[NeedleSize.LADDER.size()];

    SizeTable(FiringRules rules, int[] sizeRules) {
        this.rules = rules;
        this.sizeRules = sizeRules;
    }

    Sums of(NeedleInUse needle) {
        int step = needle.needle().size().step();
        Sums known = bySize[step];
        if (known == null) {
            known = new Sums();
            rules.addTo(known, sizeRules, needle);
            bySize[step] = known;
        }
        return known;
    }
}
