package belonax.thread;

import belonax.thread.ThreadLabel.Reading;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What stands on a label: the numbers that name their numbering, or else the bare ones with every reading that fits; length,
 * weight, fibre and build. Percentages and lengths are not thicknesses, and hide none.
 */
final class LabelNumbers {
    /** A number as labels print it. */
    static final String N = "(\\d{1,5}(?:[.,]\\d{1,3})?)";

    static final String BEFORE_WORD = "(?<![A-Z])";
    static final String AFTER_WORD = "(?![A-Z])";

    private static final double YARD_M = 0.9144;
    private static final Pattern LENGTH = Pattern.compile(N + "\\s*(M|MTR|METERS?|METRES?|YDS?|YARDS?)" + AFTER_WORD);
    private static final Pattern GRAMS = Pattern.compile(N + "\\s*(?:G|GR|GRAMS?)" + AFTER_WORD);
    private static final Pattern PERCENT = Pattern.compile("\\d{1,3}(?:[.,]\\d+)?\\s*%");

    private static final Map<String, Fibre> FIBRES = Map.of(
            "POLYESTER", Fibre.POLYESTER,
            "COTTON", Fibre.COTTON,
            "SILK", Fibre.SILK,
            "RAYON", Fibre.RAYON,
            "VISCOSE", Fibre.RAYON,
            "NYLON", Fibre.NYLON,
            "POLYAMIDE", Fibre.NYLON,
            "METALLIC", Fibre.METALLIC);

    private static final Map<String, Build> BUILDS = Map.of(
            "CORESPUN", Build.CORESPUN,
            "CORE SPUN", Build.CORESPUN,
            "CORE-SPUN", Build.CORESPUN,
            "MONOFILAMENT", Build.MONOFILAMENT,
            "BONDED", Build.BONDED,
            "TEXTURED", Build.TEXTURED,
            "WAXED", Build.WAXED,
            "GLACE", Build.WAXED,
            "METALLIC", Build.METALLIC,
            "INVISIBLE", Build.MONOFILAMENT);

    private final String text;
    private final List<Reading> readings;

    LabelNumbers(String text) {
        this.text = text;
        NamedNumbers named = new NamedNumbers(PERCENT.matcher(text).replaceAll(" "), fibre());
        if (!named.readings().isEmpty()) {
            readings = named.readings();
            return;
        }
        String rest = LENGTH.matcher(named.rest()).replaceAll(" ");
        readings = new BareNumbers(GRAMS.matcher(rest).replaceAll(" "), fibre()).readings();
    }

    List<Reading> readings() {
        return readings;
    }

    OptionalDouble metres() {
        Matcher length = LENGTH.matcher(text);
        if (!length.find()) {
            return OptionalDouble.empty();
        }
        double value = number(length.group(1)) * (length.group(2).startsWith("Y") ? YARD_M : 1);
        return value > 0 ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    OptionalDouble grams() {
        Matcher grams = GRAMS.matcher(text);
        return grams.find() && number(grams.group(1)) > 0
                ? OptionalDouble.of(number(grams.group(1)))
                : OptionalDouble.empty();
    }

    Optional<Fibre> fibre() {
        return FIBRES.entrySet().stream()
                .filter(it -> text.contains(it.getKey()))
                .map(Map.Entry::getValue)
                .min(Comparator.naturalOrder());
    }

    Optional<Build> build() {
        return BUILDS.entrySet().stream()
                .filter(it -> text.contains(it.getKey()))
                .map(Map.Entry::getValue)
                .min(Comparator.naturalOrder());
    }

    static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
