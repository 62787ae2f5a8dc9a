package belonax.cloth;

import belonax.BadInput;
import java.util.Collections;
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
 * @param part what it does in a stack
 * @param make how it is made up beyond its structure
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
        String note,
        ClothPart part,
        Make make) {

    /** The id of a cloth that is described instead of chosen. */
    public static final String DESCRIBED = "described";

    private static final double UNTOLD_KNIT_STRETCH = 35;
    /** Stabilisers up to this weight are torn or washed away. */
    private static final double TEARS_BELOW_GSM = 60;

    public Cloth {
        traits = traits.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(traits));
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

    /** Starts describing a cloth that is in no catalogue. */
    public static ClothBuilder described(Structure structure, double weightGsm) {
        return new ClothBuilder(structure, weightGsm);
    }

    /** Starts describing a cloth that is like this one but for what is said. */
    public ClothBuilder like() {
        return new ClothBuilder(this);
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

    public boolean carries() {
        return part == ClothPart.CARRIES;
    }

    /** Returns how far it is a sheer woven, 0 to 1: surely below 40 g/m², half at the class limit of 60. */
    public double sheerness() {
        return structure == Structure.WOVEN ? 1 - Fade.between(weightGsm, 40, 80) : 0;
    }

    /** Returns how far it snags and shows holes, 0 to 1: by its trait, or because it is sheer and not open. */
    public double delicacy() {
        return has(Trait.DELICATE) ? 1 : density == Density.OPEN ? 0 : sheerness();
    }

    /** Returns the weight in g/m² that counts against the blade. Source: docs/craft.md, "Resistance". */
    public double resistingGsm() {
        return weightGsm * make.resistance(this);
    }

    /** Returns the weight in g/m² that counts against the motor. Source: docs/craft.md, "Limits". */
    public double piercingGsm() {
        return weightGsm * make.hardness(this);
    }

    /** Returns how thick it is under the foot, in millimetres. Source: docs/craft.md, "Limits". */
    public double pressedMm(boolean atCrossing) {
        return thicknessMm() * make.pressed(this, atCrossing);
    }

    /** Tells whether it is cotton, batting and cotton in one: a stack by itself, of which one layer is sewn. */
    public boolean isWholeStack() {
        return make == Make.SANDWICH;
    }

    /** Tells whether it gives way to the blade instead of resisting: batting, foam, and what is torn or washed away. */
    public boolean yields() {
        boolean tornAway = structure == Structure.NONWOVEN && weightGsm < TEARS_BELOW_GSM && !has(Trait.ABRASIVE);
        boolean washedAway = structure == Structure.FILM && weightGsm < TEARS_BELOW_GSM;
        return make == Make.BATTING || has(Trait.LOFTY) || !carries() && (tornAway || washedAway);
    }

    private double mmPerGsm() {
        return switch (structure) {
            case WOVEN -> density == Density.TIGHT ? 0.0022 : 0.0028;
            case KNIT -> has(Trait.LOFTY) || make == Make.FLEECE ? 0.010 : 0.0035;
            case NONWOVEN -> has(Trait.LOFTY) || make == Make.BATTING ? 0.02 : 0.006;
            case FILM -> 0.0008;
            case HIDE -> 0.0011;
        };
    }
}
