package belonax.needle;

import belonax.BadInput;

/**
 * One needle with its life so far.
 *
 * @param effectiveHours hours of work, weighted by how hard the work was; 0 for a new one, at most 1000
 * @param struck whether it hit a pin, a zip or the plate, or was bent
 */
public record NeedleInUse(Needle needle, double effectiveHours, boolean struck) {
    /** From here on a needle can pass at most. Source: docs/craft.md, "Wear". */
    public static final double WORN_HOURS = 8;
    /** From here on a needle is to be avoided. Source: docs/craft.md, "Wear". */
    public static final double SPENT_HOURS = 14;

    public NeedleInUse {
        BadInput.unless(
                effectiveHours >= 0 && effectiveHours <= 1000,
                "hours",
                () -> "A needle's hours are 0 for a new one and at most 1000. Give the hours it has sewn.");
    }

    /** Tells whether it has no past: neither work nor a strike. */
    public boolean isNew() {
        return effectiveHours == 0 && !struck;
    }

    /** Returns the needle as it comes from its packet. */
    public static NeedleInUse fresh(Needle needle) {
        return new NeedleInUse(needle, 0, false);
    }
}
