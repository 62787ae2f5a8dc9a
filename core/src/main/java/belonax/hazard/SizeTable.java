package belonax.hazard;

import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the size rules make of each size on one job with one kind of eye, worked out when it is first asked for. */
final class SizeTable {
    private final List<Firing> sizeRules;
    private final @Nullable Sums[] bySize = new Sums[NeedleSize.LADDER.size()];

    SizeTable(List<Firing> sizeRules) {
        this.sizeRules = sizeRules;
    }

    Sums of(NeedleInUse needle) {
        int step = needle.needle().size().step();
        Sums known = bySize[step];
        if (known == null) {
            known = new Sums();
            known.addAll(sizeRules, needle);
            bySize[step] = known;
        }
        return known;
    }
}
