package belonax.machine;

import belonax.BadInput;

/**
 * What a foot does to the stitch: stiffer or more springs press harder and shorten it on mechanical machines, so ten stitches are
 * measured with each foot. Source: docs/craft.md, "Machine".
 *
 * @param foot the foot's name
 * @param share the real length as a share of the one that is set, 0.2 to 2
 */
public record FootLength(String foot, double share) {
    private static final double LEAST = 0.2;
    private static final double MOST = 2;

    public FootLength {
        BadInput.unless(
                share >= LEAST && share <= MOST,
                "ten",
                () ->
                        "Ten stitches measure 2 to 20 times what is set. Measure them again, from the first hole to the eleventh.");
    }

    /**
     * Returns what ten stitches tell.
     *
     * @param setMm the length that is set, above 0 and at most 8 mm
     * @param tenMm what ten stitches measure
     */
    public static FootLength measured(String foot, double setMm, double tenMm) {
        BadInput.unless(
                setMm > 0 && setMm <= 8, "set", () -> "A stitch is set to 0.5 to 8 mm. Read it off the machine.");
        return new FootLength(foot, tenMm / 10 / setMm);
    }

    /** Returns what to set for a length that is wanted, in millimetres, by tenths. */
    public double toSet(double wantedMm) {
        return Math.round(wantedMm / share * 10) / 10.0;
    }

    /** Returns how long a stitch really gets, in millimetres, by hundredths. */
    public double sews(double setMm) {
        return Math.round(setMm * share * 100) / 100.0;
    }

    /** Tells whether it is worth setting otherwise. */
    public boolean matters() {
        return Math.abs(share - 1) > 0.04;
    }
}
