package belonax.web.drawer;

import belonax.BadInput;
import belonax.cloth.Stretch;
import belonax.cloth.Structure;
import belonax.cloth.SwatchWeight;
import belonax.cloth.WeightClass;
import belonax.room.Words;
import belonax.room.settings.Units;
import belonax.web.shared.form.Entries;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What scale, ruler and hands told of a swatch so far. */
record SwatchReading(
        Optional<SwatchWeight> weight,
        Optional<Stretch> stretch,
        @Nullable Double thicknessMm,
        List<String> answers,
        List<String> advice,
        @Nullable Band band) {

    private static final double WIDTH_PX = 640;
    private static final double LEFT_PX = 10;
    /** The ruler ends here; weights go along it by their square root, so that light cloths have room. */
    private static final double LAST_GSM = 900;

    private static final double GIVES_PERCENT = 8;

    /** The weight with its error band on a ruler of the classes. */
    record Band(double fromPx, double widthPx, double middlePx, String words, List<Zone> zones) {}

    /** A class on the ruler. */
    record Zone(String words, double fromPx, double widthPx, String limit, boolean isIt) {}

    /**
     * Works out what the entries tell.
     *
     * @throws BadInput if a measure will not do
     */
    static SwatchReading of(Entries entries, Units units) {
        Optional<SwatchWeight> weight = entries.has("grams") ? Optional.of(weight(entries, units)) : Optional.empty();
        Optional<Stretch> stretch = entries.has("stretched") ? Optional.of(stretch(entries, units)) : Optional.empty();
        Double thickness = entries.has("pile") ? thickness(entries, units) : null;
        List<String> answers = new ArrayList<>();
        List<String> advice = new ArrayList<>();
        weight.ifPresent(it -> {
            answers.add(Words.capital(it.weightClass().words()) + ", " + units.weight(it.gsm()));
            advice.add(units.say(it.advice()));
        });
        stretch.ifPresent(it -> {
            answers.add("gives " + Math.round(it.stretchPercent()) + " %, " + Math.round(it.recoveryPercent())
                    + " % of it goes back");
            advice.add(it.advice());
        });
        if (thickness != null) {
            answers.add("a layer is " + units.mm(thickness) + " thick, measured");
        }
        return new SwatchReading(
                weight,
                stretch,
                thickness,
                answers,
                advice,
                weight.map(it -> band(it, units)).orElse(null));
    }

    /** What stretches by itself is first taken for a knit. */
    Structure structure() {
        return stretch.filter(it -> it.stretchPercent() >= GIVES_PERCENT).isPresent()
                ? Structure.KNIT
                : Structure.WOVEN;
    }

    /** Fills in what was measured. */
    void fill(Map<String, String> entries, Units units) {
        weight.ifPresent(it -> entries.put("weight", units.weightNumber(it.gsm())));
        stretch.ifPresent(it -> {
            entries.put("stretch", String.valueOf(Math.round(it.stretchPercent())));
            entries.put("recovery", String.valueOf(Math.round(it.recoveryPercent())));
        });
        if (thicknessMm != null) {
            entries.put("thickness", units.mmNumber(thicknessMm));
        }
    }

    private static SwatchWeight weight(Entries entries, Units units) {
        double grams = entries.number("grams", "Read the scale.");
        double length = entries.number("length", "Measure the swatch.");
        double width = entries.number("width", "Measure the swatch.");
        Double step = entries.optional("step", "Kitchen scales show whole grams: type 1.");
        return entries.done(() -> SwatchWeight.measure(
                units.toGrams(grams), units.toCm(length), units.toCm(width), step == null ? 1 : units.toGrams(step)));
    }

    private static Stretch stretch(Entries entries, Units units) {
        double rest = entries.number("rest", "Measure the mark at rest.");
        double stretched = entries.number("stretched", "Measure the mark while you pull.");
        double after = entries.number("after", "Measure the mark after letting go.");
        return entries.done(() -> Stretch.measure(units.toMm(rest), units.toMm(stretched), units.toMm(after)));
    }

    private static double thickness(Entries entries, Units units) {
        double pile = entries.number("pile", "Measure a pile of layers with a ruler.");
        double layers = entries.number("layers", "Count the layers in the pile.");
        return entries.done(() -> {
            BadInput.unless(
                    layers >= 1 && layers <= 100, "layers", () -> "Lay 1 to 100 layers on each other and count them.");
            double each = units.toMm(pile) / layers;
            BadInput.unless(
                    each >= 0.01 && each <= 50,
                    "pile",
                    () -> "A layer is between 0.01 and 50 mm thick. Measure the pile again, without pressing it.");
            return each;
        });
    }

    private static Band band(SwatchWeight it, Units units) {
        List<Zone> zones = new ArrayList<>();
        WeightClass[] classes = WeightClass.values();
        for (int i = 0; i < classes.length; i++) {
            double from = px(classes[i].fromGsm());
            double to = i + 1 < classes.length ? px(classes[i + 1].fromGsm()) : LEFT_PX + WIDTH_PX;
            zones.add(new Zone(
                    classes[i].words(),
                    from,
                    to - from,
                    i == 0 ? "" : units.weightNumber(classes[i].fromGsm()),
                    classes[i] == it.weightClass()));
        }
        double from = px(it.low());
        return new Band(
                from,
                Math.max(3, px(it.high()) - from),
                px(it.gsm()),
                "between " + units.weightNumber(it.low()) + " and " + units.weight(it.high()),
                zones);
    }

    private static double px(double gsm) {
        return LEFT_PX + WIDTH_PX * Math.sqrt(Math.min(LAST_GSM, gsm) / LAST_GSM);
    }
}
