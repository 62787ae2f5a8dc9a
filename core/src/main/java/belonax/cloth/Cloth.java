package belonax.cloth;

import belonax.BadInput;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One cloth.
 *
 * @param id its name in the catalogue, or {@link #DESCRIBED}
 * @param name what it is called in running text
 * @param weightGsm weight in grams per square metre, 3 to 3000
 * @param measuredMm measured thickness in millimetres, 0.01 to 50; empty where it has to be estimated
 * @param toldStretchPercent how far it gives by hand, 0 to 300; empty where nobody measured
 * @param recoveryPercent how much of the stretch it takes back, 0 to 100; 95 where nobody measured
 * @param note what goes wrong with it, in plain words
 */
public record Cloth(
        String id,
        String name,
        Structure structure,
        double weightGsm,
        OptionalDouble measuredMm,
        OptionalDouble toldStretchPercent,
        double recoveryPercent,
        Density density,
        Set<Trait> traits,
        String note) {

    /** The id of a cloth that is described instead of chosen. */
    public static final String DESCRIBED = "described";

    private static final double UNTOLD_KNIT_STRETCH = 35;

    public Cloth {
        traits = traits.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(traits));
        BadInput.unless(
                weightGsm >= 3 && weightGsm <= 3000,
                "weightGsm",
                () -> "A cloth weighs between 3 and 3000 g/m². Weigh a swatch: grams ÷ (length in m × width in m).");
        measuredMm.ifPresent(mm -> BadInput.unless(
                mm >= 0.01 && mm <= 50,
                "thicknessMm",
                () -> "A layer is between 0.01 and 50 mm thick. Leave the thickness out and it is estimated from the"
                        + " weight."));
        toldStretchPercent.ifPresent(percent -> BadInput.unless(
                percent >= 0 && percent <= 300,
                "stretchPercent",
                () -> "Stretch is 0 to 300 %. Mark 10 cm, pull, and measure how much longer it gets."));
        BadInput.unless(
                recoveryPercent >= 0 && recoveryPercent <= 100,
                "recoveryPercent",
                () -> "Recovery is 0 to 100 %: how much of the stretch goes back when you let go.");
    }

    /** Returns the stretch in per cent; a knit whose stretch is not told is taken at 35 %. */
    public double stretchPercent() {
        return toldStretchPercent.orElse(structure == Structure.KNIT ? UNTOLD_KNIT_STRETCH : 0);
    }

    /**
     * Returns the thickness in millimetres, measured or else estimated from weight and structure. Source: docs/craft.md,
     * "Thickness".
     */
    public double thicknessMm() {
        return measuredMm.orElse(weightGsm * mmPerGsm());
    }

    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Tells whether it is a woven so light that it counts as delicate: below 60 g/m² and not open. */
    public boolean isSheerWoven() {
        return structure == Structure.WOVEN && weightGsm < 60 && density != Density.OPEN;
    }

    /** Tells whether it snags and shows holes, by its trait or because it is sheer. */
    public boolean isDelicate() {
        return has(Trait.DELICATE) || isSheerWoven();
    }

    private double mmPerGsm() {
        return switch (structure) {
            case WOVEN -> density == Density.TIGHT ? 0.0022 : 0.0028;
            case KNIT -> has(Trait.LOFTY) ? 0.010 : 0.0035;
            case NONWOVEN -> has(Trait.LOFTY) ? 0.02 : 0.006;
            case FILM -> 0.0008;
            case HIDE -> 0.0011;
        };
    }
}
