package belonax.match;

import java.util.List;

/**
 * Cloth and thread ask for sizes that do not meet.
 *
 * @param why which asks for what, and what gives way in each school
 * @param waysOut what would truly help, in the order in which to try it; empty only when nothing would
 */
public record Conflict(String why, List<String> waysOut) {
    public Conflict {
        waysOut = List.copyOf(waysOut);
    }
}
