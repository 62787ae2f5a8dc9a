package belonax.plan;

import belonax.BadInput;
import belonax.match.MatchRequest;
import java.util.HashSet;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;

/**
 * One step of a job: a seam, or several alike, that are sewn without changing anything.
 *
 * @param id by which other steps name it
 * @param name in the sewist's words
 * @param asked stack, thread, purpose and machine, as they are put to the matcher
 * @param thread what tells its thread from others: two steps with the same word need no change
 * @param seamMetres length of one pass, above 0 and at most 10 000 m
 * @param passes how often it is sewn over, 1 to 100
 * @param after what has to be sewn before it
 * @param station the machine that sews it
 * @param dial where its top dial is known to balance; empty where that is to be expected from the rules
 * @param metresAnHour how fast this sewist sews such a thing; empty where the machine's speed tells it
 */
public record Step(
        String id,
        String name,
        MatchRequest asked,
        StepStitch stitch,
        String thread,
        double seamMetres,
        int passes,
        Set<String> after,
        String station,
        OptionalDouble dial,
        OptionalDouble metresAnHour) {
    public static final double MAX_METRES = 10_000;
    public static final int MAX_PASSES = 100;

    public Step {
        after = Set.copyOf(after);
        BadInput.unless(!id.isBlank(), "id", () -> "A step has an id, such as “hem”.");
        BadInput.unless(
                seamMetres > 0 && seamMetres <= MAX_METRES,
                "seamMetres",
                () -> "Type how long the seam is, above 0 and at most 10 000 m.");
        BadInput.unless(passes >= 1 && passes <= MAX_PASSES, "passes", () -> "A seam is sewn over 1 to 100 times.");
    }

    /** Returns a step of which only the machine's speed tells how long it takes. */
    public Step(
            String id,
            String name,
            MatchRequest asked,
            StepStitch stitch,
            String thread,
            double seamMetres,
            int passes,
            Set<String> after,
            String station,
            OptionalDouble dial) {
        this(id, name, asked, stitch, thread, seamMetres, passes, after, station, dial, OptionalDouble.empty());
    }

    /** Refuses a field of the step that stands so far down the job, counted from 0, unless the statement holds. */
    static void unless(boolean holds, int index, String field, Supplier<String> message) {
        if (!holds) {
            throw new BadInput(field, message.get()).inEntry("steps", index);
        }
    }

    /** Returns the same step, waiting only for those of these that it waits for. */
    public Step waitingFor(Set<String> some) {
        Set<String> left = new HashSet<>(after);
        left.retainAll(some);
        return new Step(id, name, asked, stitch, thread, seamMetres, passes, left, station, dial, metresAnHour);
    }
}
