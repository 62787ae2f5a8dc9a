package belonax.plan;

import belonax.hazard.Purpose;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * How fast this sewist sews: metres an hour by purpose, from the steps that were done. Until five are known, 0.4 of the motor's 800
 * stitches a minute, for one guides, turns and lifts the foot. Source: docs/craft.md, "Planning a job".
 */
public final class Pace {
    private static final int ENOUGH = 5;
    private static final int ENOUGH_OF_A_PURPOSE = 3;

    private final List<Sewn> sewn;

    private Pace(List<Sewn> sewn) {
        this.sewn = List.copyOf(sewn);
    }

    /**
     * A step that was done.
     *
     * @param metres of all passes
     * @param minutes that it took at the needle, above 0
     */
    public record Sewn(Purpose purpose, double metres, double minutes) {
        double metresAnHour() {
            return metres / minutes * 60;
        }
    }

    public static Pace of(List<Sewn> sewn) {
        return new Pace(sewn);
    }

    /** Returns the speed that holds where nothing is known. */
    public double stitchesPerMinute() {
        return ThreadUse.STITCHES_A_MINUTE;
    }

    public boolean isKnown() {
        return sewn.size() >= ENOUGH;
    }

    /** Returns the median metres an hour of a purpose, where at least three steps of it, among five, were done; else of all. */
    public OptionalDouble metresAnHour(Purpose purpose) {
        if (!isKnown()) {
            return OptionalDouble.empty();
        }
        List<Sewn> alike = sewn.stream().filter(it -> it.purpose() == purpose).toList();
        return OptionalDouble.of(median(alike.size() >= ENOUGH_OF_A_PURPOSE ? alike : sewn));
    }

    /** Returns what the minutes of a plan rest on, in one sentence. */
    public String words() {
        return isKnown()
                ? String.format(
                        Locale.ROOT,
                        "Minutes as you sewed %d steps before: about %.0f metres an hour.",
                        sewn.size(),
                        median(sewn))
                : "Minutes at 0.4 of a motor's speed, until five of your own steps are known.";
    }

    private static double median(List<Sewn> of) {
        double[] all = of.stream().mapToDouble(Sewn::metresAnHour).sorted().toArray();
        int middle = all.length / 2;
        return all.length % 2 == 1 ? all[middle] : (all[middle - 1] + all[middle]) / 2;
    }
}
