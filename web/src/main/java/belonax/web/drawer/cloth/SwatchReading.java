package belonax.web.drawer.cloth;

import belonax.cloth.Stretch;
import belonax.cloth.Structure;
import belonax.cloth.SwatchWeight;
import belonax.cloth.WeightClass;
import belonax.room.Words;
import belonax.room.settings.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What scale, ruler and hands told of a swatch so far. */
public record SwatchReading(
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
    public record Band(double fromPx, double widthPx, double middlePx, String words, List<Zone> zones) {}

    /** A class on the ruler. */
    public record Zone(String words, double fromPx, double widthPx, String limit, boolean isIt) {
        public double middlePx() {
            return fromPx + widthPx / 2;
        }
    }

    /**
     * Works out what the measures tell.
     *
     * @throws belonax.BadInput if a measure will not do
     */
    static SwatchReading of(Measures measures, Units units) {
        Optional<SwatchWeight> weight = measures.weight(units);
        Optional<Stretch> stretch = measures.stretch(units);
        Double thickness = measures.thicknessMm(units);
        List<String> answers = new ArrayList<>();
        List<String> advice = new ArrayList<>();
        weight.ifPresent(swatchWeight -> {
            answers.add(Words.capital(swatchWeight.weightClass().words()) + ", " + units.weight(swatchWeight.gsm()));
            advice.add(units.say(swatchWeight.advice()));
        });
        stretch.ifPresent(otherStretch -> {
            answers.add("gives " + Math.round(otherStretch.stretchPercent()) + " %, "
                    + Math.round(otherStretch.recoveryPercent()) + " % of it goes back");
            advice.add(otherStretch.advice());
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
                weight.map(swatchWeight -> band(swatchWeight, units)).orElse(null));
    }

    /** What stretches by itself is first taken for a knit. */
    Structure structure() {
        return stretch.filter(otherStretch -> otherStretch.stretchPercent() >= GIVES_PERCENT)
                        .isPresent()
                ? Structure.KNIT
                : Structure.WOVEN;
    }

    private static Band band(SwatchWeight swatchWeight, Units units) {
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
                    classes[i] == swatchWeight.weightClass()));
        }
        double from = px(swatchWeight.low());
        return new Band(
                from,
                Math.max(3, px(swatchWeight.high()) - from),
                px(swatchWeight.gsm()),
                "between " + units.weightNumber(swatchWeight.low()) + " and " + units.weight(swatchWeight.high()),
                zones);
    }

    private static double px(double gsm) {
        return LEFT_PX + WIDTH_PX * Math.sqrt(Math.min(LAST_GSM, gsm) / LAST_GSM);
    }
}
