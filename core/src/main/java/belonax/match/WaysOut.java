package belonax.match;

import java.util.List;

/**
 * What would help where every needle is one to avoid and no limit says why.
 *
 * @param together whether all of it is wanted at once, because nothing of it is enough alone
 * @param ways whole sentences, the smallest change first; never empty
 */
public record WaysOut(boolean together, List<String> ways) {
    public WaysOut {
        ways = List.copyOf(ways);
    }

    /** Returns what is enough: the smallest change alone, or all that is wanted together. */
    public List<String> enough() {
        return together ? ways : ways.subList(0, 1);
    }
}
