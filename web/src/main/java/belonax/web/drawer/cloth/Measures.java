package belonax.web.drawer.cloth;

import belonax.BadInput;
import belonax.cloth.Stretch;
import belonax.cloth.SwatchWeight;
import belonax.room.settings.Units;
import belonax.web.shared.device.KitchenScale;
import belonax.web.shared.device.PullGauge;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Parsed;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What scale, ruler and hands told of a swatch so far, in the sewist's own measures. */
public record Measures(
        @Ask("Read the scale.") @Nullable Double grams,
        @Ask("Measure the swatch.") @Nullable Double length,
        @Ask("Measure the swatch.") @Nullable Double width,

        @Ask("Kitchen scales show whole grams: type 1.") @Nullable
        Double step,

        @Ask("Measure the mark at rest.") @Nullable Double rest,
        @Ask("Measure the mark while you pull.") @Nullable Double stretched,
        @Ask("Measure the mark after letting go.") @Nullable Double after,
        @Ask("Read the gauge, or leave it empty.") @Nullable Double pull,

        @Ask("Measure a pile of layers with a ruler.") @Nullable
        Double pile,

        @Ask("Count the layers in the pile.") @Nullable Double layers,
        @Nullable String like,
        @Nullable String readScale,
        @Nullable String readGauge) {

    static Measures none() {
        return new Measures(null, null, null, null, null, null, null, null, null, null, null, null, null);
    }

    /** Returns them with what the devices show, where that was asked for. */
    Measures read(KitchenScale scale, PullGauge gauge, Units units) {
        return new Measures(
                readScale == null ? grams : Parsed.shown(units.gramsNumber(scale.readGrams())),
                length,
                width,
                readScale == null ? step : Parsed.shown(units.gramsNumber(scale.stepGrams())),
                rest,
                stretched,
                after,
                readGauge == null ? pull : Parsed.shown(units.gramsNumber(gauge.readGrams())),
                pile,
                layers,
                like,
                null,
                null);
    }

    /**
     * Works out the weight; empty when nothing was weighed.
     *
     * @throws BadInput if a measure is missing or will not do
     */
    Optional<SwatchWeight> weight(Units units) {
        return grams == null
                ? Optional.empty()
                : Optional.of(SwatchWeight.measure(
                        units.toGrams(grams),
                        units.toCm(needed(length, "length", "Measure the swatch.")),
                        units.toCm(needed(width, "width", "Measure the swatch.")),
                        step == null ? 1 : units.toGrams(step)));
    }

    /**
     * Works out how far it gives; empty when nothing was pulled.
     *
     * @throws BadInput if a measure is missing or will not do
     */
    Optional<Stretch> stretch(Units units) {
        return stretched == null
                ? Optional.empty()
                : Optional.of(Stretch.measure(
                        units.toMm(needed(rest, "rest", "Measure the mark at rest.")),
                        units.toMm(stretched),
                        units.toMm(needed(after, "after", "Measure the mark after letting go."))));
    }

    /**
     * Works out the thickness of a layer in millimetres; null when no pile was measured.
     *
     * @throws BadInput if a measure is missing or will not do
     */
    @Nullable
    Double thicknessMm(Units units) {
        if (pile == null) {
            return null;
        }
        double count = needed(layers, "layers", "Count the layers in the pile.");
        BadInput.unless(
                count >= 1 && count <= 100, "layers", () -> "Lay 1 to 100 layers on each other and count them.");
        double each = units.toMm(pile) / count;
        BadInput.unless(
                each >= 0.01 && each <= 50,
                "pile",
                () -> "A layer is between 0.01 and 50 mm thick. Measure the pile again, without pressing it.");
        return each;
    }

    private static double needed(@Nullable Double value, String field, String advice) {
        if (value == null) {
            throw new BadInput(field, "This is missing. " + advice);
        }
        return value;
    }
}
