package belonax.match;

import belonax.needle.Needle;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The exact smallest choice of needles such that every use has one. Searches by number of needles, from one up; at each step
 * it branches over the needles of the use that has fewest, so that a drawer's worth takes milliseconds. A needle that
 * serves nothing which another does not serve as well is left out beforehand.
 */
final class SmallestCover {
    private record Option(Needle needle, BitSet serves, double harm) {}

    private final int uses;
    private final List<Option> options;
    private List<Option> best = List.of();
    private double bestHarm;

    /** @param good for each use the needles that are good for it, with their expected harm */
    SmallestCover(List<Map<Needle, Double>> good) {
        this.uses = good.size();
        this.options = undominated(options(good));
    }

    /** Returns a smallest choice, of several the one with the least harm; empty when there is nothing to serve. */
    List<Needle> smallest() {
        for (int size = 1; size <= uses; size++) {
            best = List.of();
            bestHarm = Double.MAX_VALUE;
            search(new BitSet(), new ArrayList<>(), 0, size);
            if (!best.isEmpty()) {
                return best.stream().map(Option::needle).toList();
            }
        }
        return List.of();
    }

    /** Returns how many uses the best choice of at most so many needles serves. */
    int mostWith(int needles) {
        return most(new BitSet(), 0, needles);
    }

    private int most(BitSet served, int from, int left) {
        int most = served.cardinality();
        if (left == 0 || most == uses) {
            return most;
        }
        for (int i = from; i < options.size(); i++) {
            BitSet with = (BitSet) served.clone();
            with.or(options.get(i).serves());
            most = Math.max(most, most(with, i + 1, left - 1));
        }
        return most;
    }

    private void search(BitSet served, List<Option> chosen, double harm, int left) {
        int open = hardestOpen(served);
        if (open < 0) {
            if (harm < bestHarm) {
                best = List.copyOf(chosen);
                bestHarm = harm;
            }
            return;
        }
        if (left == 0) {
            return;
        }
        for (Option option : options) {
            if (option.serves().get(open)) {
                BitSet with = (BitSet) served.clone();
                with.or(option.serves());
                chosen.add(option);
                search(with, chosen, harm + option.harm(), left - 1);
                chosen.remove(chosen.size() - 1);
            }
        }
    }

    /** Returns the use still open that fewest needles serve, or -1 when none is open. */
    private int hardestOpen(BitSet served) {
        int hardest = -1;
        int fewest = Integer.MAX_VALUE;
        for (int use = served.nextClearBit(0); use < uses; use = served.nextClearBit(use + 1)) {
            int count = 0;
            for (Option option : options) {
                count += option.serves().get(use) ? 1 : 0;
            }
            if (count < fewest) {
                fewest = count;
                hardest = use;
            }
        }
        return hardest;
    }

    private static List<Option> options(List<Map<Needle, Double>> good) {
        Map<Needle, Option> all = new LinkedHashMap<>();
        for (int use = 0; use < good.size(); use++) {
            for (Map.Entry<Needle, Double> entry : good.get(use).entrySet()) {
                Option before = all.getOrDefault(entry.getKey(), new Option(entry.getKey(), new BitSet(), 0));
                before.serves().set(use);
                all.put(entry.getKey(), new Option(entry.getKey(), before.serves(), before.harm() + entry.getValue()));
            }
        }
        return all.values().stream()
                .map(option -> new Option(
                        option.needle(),
                        option.serves(),
                        option.harm() / option.serves().cardinality()))
                .toList();
    }

    private static List<Option> undominated(List<Option> all) {
        return all.stream()
                .filter(option -> all.stream().noneMatch(other -> dominates(other, option)))
                .toList();
    }

    private static boolean dominates(Option other, Option option) {
        if (other.needle().equals(option.needle())) {
            return false;
        }
        BitSet missing = (BitSet) option.serves().clone();
        missing.andNot(other.serves());
        if (!missing.isEmpty()) {
            return false;
        }
        boolean servesMore = other.serves().cardinality() > option.serves().cardinality();
        boolean standsBefore = other.harm() < option.harm()
                || other.harm() == option.harm()
                        && other.needle().label().compareTo(option.needle().label()) < 0;
        return servesMore || standsBefore;
    }
}
