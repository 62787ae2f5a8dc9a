package belonax.thread;

import belonax.BadInput;
import belonax.Shown;

/**
 * Fineness of a thread in tex: grams per 1000 metres, from {@value #FINEST} to {@value #THICKEST}. All other numberings
 * are converted to it.
 */
public record Tex(double value) implements Comparable<Tex> {
    /** Finer than any thread that is sold for sewing. */
    public static final double FINEST = 2;
    /** Thicker than any thread that goes through a home machine. */
    public static final double THICKEST = 500;

    public Tex {
        BadInput.unless(
                value >= FINEST && value <= THICKEST,
                "tex",
                () -> "A thread of tex " + Shown.tenths(value) + " is "
                        + (value < FINEST ? "finer" : value > THICKEST ? "thicker" : "not a number, nor")
                        + " than any sewing thread. Check the label, or weigh the spool: tex = 1000 × grams ÷ metres.");
    }

    /** Returns the fineness with at most one decimal. */
    @Override
    public String toString() {
        return "tex " + Shown.tenths(value);
    }

    /** Returns the number as it is shown: whole where it is nearly whole, otherwise with one decimal. */
    public String shown() {
        return Shown.tenths(value);
    }

    @Override
    public int compareTo(Tex other) {
        return Double.compare(value, other.value);
    }
}
