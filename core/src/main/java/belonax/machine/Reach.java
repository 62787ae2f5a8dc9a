package belonax.machine;

import belonax.BadInput;
import java.util.OptionalDouble;

/**
 * What a machine takes, where its owner knows it from the manual; the field's usual numbers count where not.
 *
 * @param footLiftMm how high the foot lifts, 3 to 20 mm; usually 6, with an extra lift 8 to 9
 * @param thickestTex the thickest top thread its manual allows, tex 10 to 500; usually 90
 */
public record Reach(OptionalDouble footLiftMm, OptionalDouble thickestTex) {
    /** Nothing is known beyond what is usual. */
    public static final Reach USUAL = new Reach(OptionalDouble.empty(), OptionalDouble.empty());

    public Reach {
        footLiftMm.ifPresent(value -> BadInput.unless(
                value >= 3 && value <= 20,
                "footLiftMm",
                () -> "A foot lifts 3 to 20 mm; 6 is usual. Measure the room under it, or leave it out."));
        thickestTex.ifPresent(value -> BadInput.unless(
                value >= 10 && value <= 500,
                "thickestTex",
                () -> "The thickest thread of a machine is tex 10 to 500; 90 is usual. Look in its manual, or leave it"
                        + " out."));
    }
}
