package belonax.room.settings;

import belonax.Shown;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * In which units lengths and weights are shown and typed. Needle sizes always bear both their numbers, whatever is chosen
 * here. The core knows metric units only; its sentences are put into the others word by word.
 */
public enum Units {
    METRIC("metric: g/m², mm, cm, metres", "g/m²", "mm", "cm", "m", "g") {
        @Override
        public String say(String sentence) {
            return sentence;
        }
    },
    IMPERIAL("imperial: oz/yd², inches, yards", "oz/yd²", "in", "in", "yd", "oz") {
        @Override
        public String say(String sentence) {
            return MEASURE.matcher(sentence).replaceAll(match -> converted(match));
        }
    };

    /** 1 oz/yd² in g/m². */
    private static final double GSM = 33.906;

    private static final double MM_PER_INCH = 25.4;
    private static final double M_PER_YARD = 0.9144;
    private static final double G_PER_OUNCE = 28.3495;
    private static final Pattern MEASURE = Pattern.compile(
            "(\\d+(?:\\.\\d+)?)(?:( to | and |–|-| × )(\\d+(?:\\.\\d+)?))?[ \\u00a0](g/m²|mm|cm|metres|m)(?![\\p{L}²/])");

    private final String words;
    private final String weightUnit;
    private final String shortUnit;
    private final String swatchUnit;
    private final String longUnit;
    private final String scaleUnit;

    Units(String words, String weightUnit, String shortUnit, String swatchUnit, String longUnit, String scaleUnit) {
        this.words = words;
        this.weightUnit = weightUnit;
        this.shortUnit = shortUnit;
        this.swatchUnit = swatchUnit;
        this.longUnit = longUnit;
        this.scaleUnit = scaleUnit;
    }

    /** Returns the core's sentence with its measures in these units. */
    public abstract String say(String sentence);

    public String words() {
        return words;
    }

    /** Returns the unit in which cloth is weighed, such as {@code g/m²}. */
    public String weightUnit() {
        return weightUnit;
    }

    /** Returns the unit of stitches, slots and layers, such as {@code mm}. */
    public String shortUnit() {
        return shortUnit;
    }

    /** Returns the unit of a swatch's sides, such as {@code cm}. */
    public String swatchUnit() {
        return swatchUnit;
    }

    /** Returns the unit of thread and cloth by length, such as {@code m}. */
    public String longUnit() {
        return longUnit;
    }

    /** Returns the unit of a scale, such as {@code g}. */
    public String scaleUnit() {
        return scaleUnit;
    }

    /** Returns a cloth's weight with its unit, such as {@code 145 g/m²} or {@code 4.3 oz/yd²}. */
    public String weight(double gsm) {
        return weightNumber(gsm) + " " + weightUnit;
    }

    /** Returns a cloth's weight as it is typed, without its unit. */
    public String weightNumber(double gsm) {
        return this == METRIC ? plain(gsm, 0) : plain(gsm / GSM, 1);
    }

    /** Returns a short length with its unit, such as {@code 2.5 mm} or {@code 0.1 in}. */
    public String mm(double mm) {
        return mmNumber(mm) + " " + shortUnit;
    }

    /** Returns a short length as it is typed, without its unit. */
    public String mmNumber(double mm) {
        return this == METRIC ? plain(mm, mm < 1 ? 2 : 1) : plain(mm / MM_PER_INCH, 3);
    }

    /** Returns a long length with its unit, such as {@code 200 m} or {@code 219 yd}. */
    public String metres(double metres) {
        return metresNumber(metres) + " " + longUnit;
    }

    /** Returns a long length as it is typed, without its unit. */
    public String metresNumber(double metres) {
        double value = this == METRIC ? metres : metres / M_PER_YARD;
        return plain(value, value < 10 ? 1 : 0);
    }

    /** Turns a typed weight of cloth into g/m². */
    public double toGsm(double typed) {
        return this == METRIC ? typed : typed * GSM;
    }

    /** Returns a stitch length, in millimetres or in stitches per inch. */
    public String stitch(double mm) {
        return this == METRIC
                ? Shown.number(mm) + " mm"
                : Math.round(MM_PER_INCH / mm) + " stitches per inch (" + Shown.number(mm) + ")";
    }

    /** Turns a typed short length into millimetres. */
    public double toMm(double typed) {
        return this == METRIC ? typed : typed * MM_PER_INCH;
    }

    /** Turns a typed side of a swatch into centimetres. */
    public double toCm(double typed) {
        return this == METRIC ? typed : typed * MM_PER_INCH / 10;
    }

    /** Turns a typed long length into metres. */
    public double toMetres(double typed) {
        return this == METRIC ? typed : typed * M_PER_YARD;
    }

    /** Turns a typed weight on a scale into grams. */
    public double toGrams(double typed) {
        return this == METRIC ? typed : typed * G_PER_OUNCE;
    }

    /** Returns a weight on a scale as it is typed, without its unit. */
    public String gramsNumber(double grams) {
        return this == METRIC ? plain(grams, 1) : plain(grams / G_PER_OUNCE, 2);
    }

    private static String converted(MatchResult match) {
        String unit = match.group(4);
        String between = match.group(2) == null ? "" : match.group(2);
        String second = match.group(3) == null ? "" : number(match.group(3), unit);
        String word = switch (unit) {
            case "g/m²" -> "oz/yd²";
            case "m", "metres" -> "yd";
            default -> "in";
        };
        return number(match.group(1), unit) + between + second + " " + word;
    }

    private static String number(String metric, String unit) {
        double value = Double.parseDouble(metric);
        return switch (unit) {
            case "g/m²" -> plain(value / GSM, 1);
            case "mm" -> plain(value / MM_PER_INCH, value < 3 ? 3 : 2);
            case "cm" -> plain(value * 10 / MM_PER_INCH, 1);
            default -> plain(value / M_PER_YARD, 0);
        };
    }

    /** Returns a number with at most so many decimals and none that is needless. */
    private static String plain(double value, int decimals) {
        String text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}
