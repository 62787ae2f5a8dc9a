package belonax.cloth;

import belonax.BadInput;
import java.util.Locale;

/**
 * The weight of a cloth from a swatch on a scale: grams / (length in m x width in m), with the band that the scale's step
 * leaves. 3 g on 20 x 20 cm are 75 g/m², on a scale with steps of 1 g between 62.5 and 87.5. Source: docs/craft.md,
 * "Weighing a swatch".
 *
 * @param gsm the weight in g/m²
 * @param low the lowest weight that the scale would show so
 * @param high the highest
 * @param weightClass the class of a woven of this weight
 * @param certain whether the whole band lies in that class
 * @param advice what to do, whole sentences
 */
public record SwatchWeight(
        double gsm, double low, double high, WeightClass weightClass, boolean certain, String advice) {

    private static final double LARGEST_SIDE_CM = 100;
    private static final double SIDE_STEP_CM = 5;

    /**
     * Works out the weight.
     *
     * @param grams what the scale shows, above 0 and at most 5000
     * @param lengthCm 1 to 500
     * @param widthCm 1 to 500
     * @param scaleStepGrams the scale's smallest step, 0.001 to 100
     * @throws BadInput if a value is out of range or no cloth weighs so
     */
    public static SwatchWeight measure(double grams, double lengthCm, double widthCm, double scaleStepGrams) {
        BadInput.unless(
                grams > 0 && grams <= 5000,
                "grams",
                () ->
                        "Read the scale with the swatch on it: above 0 and at most 5000 g. A swatch too light to show wants"
                                + " to be larger, or folded from more cloth.");
        checkSide("lengthCm", lengthCm);
        checkSide("widthCm", widthCm);
        BadInput.unless(
                scaleStepGrams >= 0.001 && scaleStepGrams <= 100,
                "scaleStepGrams",
                () -> "A scale's step is 0.001 to 100 g; kitchen scales show whole grams, so type 1.");
        double areaM2 = lengthCm * widthCm / 10_000;
        double gsm = grams / areaM2;
        double low = Math.max(0, (grams - scaleStepGrams / 2) / areaM2);
        double high = (grams + scaleStepGrams / 2) / areaM2;
        BadInput.unless(
                gsm >= 1 && gsm <= 5000,
                "grams",
                () -> String.format(
                        Locale.ROOT,
                        "%.0f g on %.0f × %.0f cm would be %.0f g/m², and no cloth weighs that. Measure the swatch in"
                                + " centimetres and weigh it alone.",
                        grams,
                        lengthCm,
                        widthCm,
                        gsm));
        WeightClass is = WeightClass.of(gsm);
        boolean certain = WeightClass.of(low) == is && WeightClass.of(high) == is;
        String advice = certain
                ? "Certain enough: whatever the scale rounded away, it stays " + is.words() + "."
                : uncertain(gsm, low, high, scaleStepGrams);
        return new SwatchWeight(gsm, low, high, is, certain, advice);
    }

    private static String uncertain(double gsm, double low, double high, double scaleStepGrams) {
        String between = "It may be " + WeightClass.of(low).words() + " or "
                + WeightClass.of(high).words() + ". ";
        double toLimit = WeightClass.distanceToLimit(gsm);
        double sideCm = Math.sqrt(scaleStepGrams / 2 / toLimit) * 100;
        double rounded = SIDE_STEP_CM * Math.ceil(sideCm * 1.05 / SIDE_STEP_CM);
        if (toLimit > 0 && rounded <= LARGEST_SIDE_CM) {
            return between
                    + String.format(Locale.ROOT, "A swatch of %.0f × %.0f cm would settle it.", rounded, rounded);
        }
        return between
                + "It lies so near the limit that no swatch would settle it: take it for the heavier one when it is"
                + " close and dense, for the lighter when it is soft.";
    }

    private static void checkSide(String field, double cm) {
        BadInput.unless(
                cm >= 1 && cm <= 500,
                field,
                () -> "A swatch's side is 1 to 500 cm. Cut 20 × 20 cm, measure it and type centimetres.");
    }
}
