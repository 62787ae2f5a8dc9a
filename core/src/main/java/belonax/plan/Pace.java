package belonax.plan;

import belonax.Median;
import belonax.hazard.Purpose;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * How fast this sewist sews: metres an hour by purpose, from the steps that were done. Until five are known, 0.4 of the motor's 800
 * stitches a minute, for one guides, turns and lifts the foot. Source: docs/craft.md, "Planning a job".
 */
public final class Pace {
    private static final int ENOUGH = 5;
    private static final int ENOUGH_OF_A_PURPOSE = 3;

    private final List<Sewn> sewn;
    private final Map<String, Heard> heard;

    private Pace(List<Sewn> sewn, Map<String, Heard> heard) {
        this.sewn = List.copyOf(sewn);
        this.heard = new TreeMap<>(heard);
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

    /**
     * How fast a machine was heard to sew.
     *
     * @param machine its name
     * @param stitchesPerMinute on the clock, guiding and turning included
     */
    public record Heard(String machine, double stitchesPerMinute) {
        String words() {
            return String.format(Locale.ROOT, "%s %.0f", machine, stitchesPerMinute);
        }
    }

    public static Pace of(List<Sewn> sewn) {
        return new Pace(sewn, Map.of());
    }

    /**
     * Returns the same with the speeds at which machines were heard.
     *
     * @param byMachine each by the id of its machine
     */
    public Pace hearing(Map<String, Heard> byMachine) {
        return new Pace(sewn, byMachine);
    }

    /** Returns the stitches a minute on the clock that are sewn on a machine, where no metres an hour are known. */
    public double stitchesPerMinute(String machineId) {
        Heard known = heard.get(machineId);
        return known == null ? ThreadUse.STITCHES_A_MINUTE : known.stitchesPerMinute();
    }

    public boolean isKnown() {
        return sewn.size() >= ENOUGH;
    }

    /** Returns the median metres an hour of a purpose, where at least three steps of it, among five, were done; else of all. */
    public OptionalDouble metresAnHour(Purpose purpose) {
        if (!isKnown()) {
            return OptionalDouble.empty();
        }
        List<Sewn> alike = sewn.stream()
                .filter(otherSewn -> otherSewn.purpose() == purpose)
                .toList();
        return OptionalDouble.of(median(alike.size() >= ENOUGH_OF_A_PURPOSE ? alike : sewn));
    }

    /** Returns what the minutes of a plan rest on, in one sentence. */
    public String words() {
        if (isKnown()) {
            return String.format(
                    Locale.ROOT,
                    "Minutes as you sewed %d steps before: about %.0f metres an hour.",
                    sewn.size(),
                    median(sewn));
        }
        String until = ", until five of your own steps are known.";
        return heard.isEmpty()
                ? "Minutes at 0.4 of a motor's speed" + until
                : "Minutes as your machines were heard: "
                        + heard.values().stream().map(Heard::words).sorted().collect(Collectors.joining(", "))
                        + " stitches a minute, guiding and turning included" + until;
    }

    private static double median(List<Sewn> of) {
        return Median.of(of.stream().map(Sewn::metresAnHour).toList());
    }
}
