package belonax.machine;

import belonax.BadInput;
import belonax.Shown;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * The top tension dial.
 *
 * @param min the lowest setting, 0 to 20
 * @param max the highest, above {@code min} and at most 20
 * @param step the finest step that can be set and found again, above 0 and at most the whole range
 * @param normalLow where ordinary thread usually balances, from
 * @param normalHigh to; within the range
 */
public record Dial(DialKind kind, double min, double max, double step, double normalLow, double normalHigh) {
    /** What to type where the place of a dial is asked for. */
    public static final String READ_IT = "Read the dial off the machine: a number within its range.";

    public Dial {
        BadInput.unless(
                min >= 0 && max <= 20 && min < max,
                "dial",
                () -> "A dial runs from a low to a high number, such as 0 to 9. Read both off the machine.");
        BadInput.unless(
                step > 0 && step <= max - min,
                "dial",
                () -> "A dial's step is above 0 and smaller than its range, such as 0.25.");
        BadInput.unless(
                normalLow >= min && normalHigh <= max && normalLow <= normalHigh,
                "dial",
                () -> "The usual band lies within the dial's range, such as 3 to 5.");
    }

    /** Returns a dial whose usual band, a third to five ninths of its range, is not told. */
    public static Dial of(DialKind kind, double min, double max, double step) {
        double ninth = (max - min) / 9;
        return new Dial(kind, min, max, step, min + 3 * ninth, min + 5 * ninth);
    }

    /** Returns the same dial with the ends of its usual band; one that is null stays, or moves so that the band is not empty. */
    public Dial withBand(@Nullable Double low, @Nullable Double high) {
        double from = low != null ? low : high != null ? Math.min(normalLow, high) : normalLow;
        double to = high != null ? high : Math.max(normalHigh, from);
        return new Dial(kind, min, max, step, from, to);
    }

    /**
     * Refuses a setting that the dial does not reach.
     *
     * @throws BadInput naming where it runs from and to
     */
    public void check(double at) {
        BadInput.unless(
                at >= min && at <= max,
                "dial",
                () -> String.format(
                        Locale.ROOT,
                        "That dial does not go there: it runs from %s to %s. Read it off the machine.",
                        Shown.number(min),
                        Shown.number(max)));
    }

    /** Returns the setting nearest to a number that can be set. */
    public double nearest(double at) {
        return Math.max(min, Math.min(max, Math.round(at / step) * step));
    }

    /** Tells whether a dial stands in the band that is usual for ordinary thread. */
    public boolean isInBand(double at) {
        return at >= normalLow && at <= normalHigh;
    }

    /** Returns the setting in the middle of the usual band. */
    public double usualSetting() {
        return nearest(DialGuide.usual(this));
    }

    /** Returns the dial of most machines: 0 to 9 in quarters, 3 to 5 for ordinary thread. */
    public static Dial numbered() {
        return new Dial(DialKind.NUMBERED, 0, 9, 0.25, 3, 5);
    }

    /** Returns a plain knob of some turns, counted from loose. */
    public static Dial knob(double turns) {
        return new Dial(DialKind.KNOB, 0, turns, 0.25, turns * 0.4, turns * 0.6);
    }
}
