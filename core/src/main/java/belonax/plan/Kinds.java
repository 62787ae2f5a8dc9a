package belonax.plan;

import belonax.needle.Needle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The needles that the search has to tell apart, as bits: those that serve no step which another one that lasts as long does
 * not serve too are left out, for they save no change.
 */
final class Kinds {
    private static final int MOST = 60;

    private record Kind(long serves, double life) {
        boolean coveredBy(Kind other) {
            return (serves & ~other.serves) == 0 && life <= other.life && !equals(other);
        }
    }

    private final List<Kind> kinds;

    Kinds(List<Serving> steps, Supplies supplies) {
        Map<Needle, Long> serves = new LinkedHashMap<>();
        for (int i = 0; i < steps.size(); i++) {
            for (Needle needle : steps.get(i).needles().keySet()) {
                serves.merge(needle, 1L << i, (one, other) -> one | other);
            }
        }
        List<Kind> all = serves.entrySet().stream()
                .map(serve -> new Kind(serve.getValue(), supplies.life(serve.getKey())))
                .distinct()
                .toList();
        this.kinds = fewEnough(all.stream()
                .filter(kind -> all.stream().noneMatch(kind::coveredBy))
                .toList());
    }

    /** Those that serve most stay, and one for each step. */
    private static List<Kind> fewEnough(List<Kind> all) {
        if (all.size() <= MOST) {
            return all;
        }
        List<Kind> kept = new ArrayList<>();
        long served = 0;
        for (Kind otherKind : all.stream()
                .sorted(Comparator.comparingInt(kind -> -Long.bitCount(kind.serves())))
                .toList()) {
            boolean servesMore = (otherKind.serves() & ~served) != 0;
            if (servesMore) {
                kept.add(otherKind);
                served |= otherKind.serves();
            }
        }
        return kept.subList(0, Math.min(MOST, kept.size()));
    }

    /** Returns the kinds that serve a step, as bits. */
    long serving(int step) {
        long bits = 0;
        for (int kind = 0; kind < kinds.size(); kind++) {
            bits |= (kinds.get(kind).serves() >> step & 1) << kind;
        }
        return bits;
    }

    double[] lives() {
        return kinds.stream().mapToDouble(Kind::life).toArray();
    }
}
