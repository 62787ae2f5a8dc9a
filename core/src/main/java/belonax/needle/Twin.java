package belonax.needle;

import belonax.BadInput;

/**
 * What sets one twin or triple needle apart from another.
 *
 * @param spacingMm distance between the outer needles, in millimetres, above 0 and at most 10
 * @param point the kind of point they carry
 */
public record Twin(double spacingMm, NeedleType point) {
    public Twin {
        BadInput.unless(
                spacingMm > 0 && spacingMm <= 10,
                "spacingMm",
                () ->
                        "The needles of a twin stand 1.6 to 6 mm apart. The packet gives the distance before the size, as in"
                                + " 4.0/80.");
        BadInput.unless(!point.isMultiple(), "point", () -> "Name the kind of point, such as universal or stretch.");
    }
}
