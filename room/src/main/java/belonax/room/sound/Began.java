package belonax.room.sound;

import belonax.life.Wear;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a machine stood when it was begun to listen: what is heard belongs to these needles, also when others are in it by the time it is
 * counted.
 *
 * @param needles by the place that they were in
 * @param needleHours effective hours of the one that had sewn most
 * @param wear what lay on the table costs a needle
 * @param on the same in words; null where nothing lay there
 */
public record Began(
        Instant since,
        Map<Integer, UUID> needles,
        double needleHours,
        Wear wear,
        @Nullable String on) {
    public Began {
        needles = Map.copyOf(needles);
    }

    /** Returns the needle of the first place that holds one. */
    UUID needle() {
        return new TreeMap<>(needles).firstEntry().getValue();
    }
}
