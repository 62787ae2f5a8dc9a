package belonax.life;

import belonax.BadInput;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The life of one needle so far.
 *
 * @param effectiveHours its worked-out wear, at least 0
 * @param clockHours hours at the needle, whatever the cloth, at least 0
 * @param projects projects begun with it, the present one among them
 * @param bigProjects big ones among them
 * @param struck whether it struck a pin, a zip or the plate, or was bent
 * @param signs what was heard, felt or seen of it, newest first
 * @param atBigStart whether a big project is about to begin
 * @param learntHours effective hours by which one in five such needles failed here; empty until the log has learnt
 */
public record NeedleLife(
        double effectiveHours,
        double clockHours,
        int projects,
        int bigProjects,
        boolean struck,
        List<Sign> signs,
        boolean atBigStart,
        OptionalDouble learntHours) {

    public NeedleLife {
        signs = List.copyOf(signs);
        BadInput.unless(
                effectiveHours >= 0 && clockHours >= 0 && projects >= 0 && bigProjects >= 0,
                "hours",
                () -> "A needle's hours and projects are 0 or more.");
    }

    /** Returns a needle that never sewed. */
    public static NeedleLife fresh() {
        return new NeedleLife(0, 0, 0, 0, false, List.of(), false, OptionalDouble.empty());
    }

    /** Returns the same needle with more wear. */
    public NeedleLife worn(double hours, double clock) {
        return new NeedleLife(hours, clock, projects, bigProjects, struck, signs, atBigStart, learntHours);
    }

    public NeedleLife withProjects(int all, int big) {
        return new NeedleLife(effectiveHours, clockHours, all, big, struck, signs, atBigStart, learntHours);
    }

    public NeedleLife afterStrike() {
        return new NeedleLife(effectiveHours, clockHours, projects, bigProjects, true, signs, atBigStart, learntHours);
    }

    public NeedleLife withSigns(List<Sign> seen) {
        return new NeedleLife(effectiveHours, clockHours, projects, bigProjects, struck, seen, atBigStart, learntHours);
    }

    public NeedleLife beforeABigProject() {
        return new NeedleLife(effectiveHours, clockHours, projects, bigProjects, struck, signs, true, learntHours);
    }

    public NeedleLife learnt(double hours) {
        return new NeedleLife(
                effectiveHours, clockHours, projects, bigProjects, struck, signs, atBigStart, OptionalDouble.of(hours));
    }
}
