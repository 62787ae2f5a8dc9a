package belonax.thread;

import belonax.thread.ThreadLabel.Reading;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What stands on a label: the numbers that name their numbering, or else the bare ones with every reading that fits; length,
 * weight, fibre and build. Lengths, weights, percentages, colours, lots, articles, temperatures and a needle's size are no
 * thicknesses, and hide none.
 */
final class LabelNumbers {
    /** A number as labels print it. */
    static final String N = "(\\d{1,5}(?:[.,]\\d{1,3})?)";

    private static final double YARD_M = 0.9144;
    private static final Pattern LENGTH = Pattern.compile(
            "(?<![\\d.,])(\\d{1,3}(?:[.,]\\d{3})+|\\d{1,6}(?:[.,]\\d{1,2})?)\\s*-?\\s*(M|MTRS?|METERS?|METRES?|Y|YDS?|YARDS?)"
                    + "(?![A-Z])");
    private static final Pattern THOUSANDS = Pattern.compile("\\d{1,3}(?:[.,]\\d{3})+");
    private static final Pattern WEIGHT =
            Pattern.compile("(?<![\\d.,])" + N + "\\s*(KG|KILO|G|GR|GRAMS?|GRAMM|OZ)(?![A-Z])");
    private static final Pattern PERCENT = Pattern.compile("\\d{1,3}(?:[.,]\\d+)?\\s*%");
    /** What is printed beside a size and is none. */
    private static final Pattern NO_SIZE = Pattern.compile(
            "(?<![A-Z])(?:COL|COLOU?R|SHADE|FARBE|LOT|BATCH|ART|ARTICLE|ARTIKEL|ITEM|REF|CODE|EAN)(?![A-Z])[\\s.:]*"
                    + "(?:NO|NR|N°|#)?[\\s.:]*[A-Z]?\\d[\\d-]*"
                    + "|\\d{1,3}\\s*°\\s*C?"
                    + "|(?<![A-Z])(?:NEEDLES?|NADELN?|NAALD)(?![A-Z])[\\s.:]*(?:SIZES?|NO|NR|NM)?[\\s.:]*"
                    + "\\d{1,3}(?:\\s*[-–/]\\s*\\d{1,3})*"
                    + "|(?<!\\d)\\d{2,3}(?:\\s*[-–/]\\s*\\d{1,3})*\\s*(?:NEEDLES?|NADELN?|NAALD)(?![A-Z])"
                    + "|(?<!\\d)\\d{1,3}\\s*(?:SPOOLS?|CONES?|REELS?|PCS|PIECES|STK|STÜCK|COLOU?RS)(?![A-Z])"
                    + "|(?:PACK|SET|BOX)\\s+OF\\s+\\d{1,3}");

    private static final double GRAMS_IN_A_KILO = 1000;
    private static final double GRAMS_IN_AN_OUNCE = 28.35;

    private final String text;
    private final LabelWords words;
    private final List<Reading> readings;

    /** @param text in capitals */
    LabelNumbers(String text) {
        this.text = text.replace('×', 'X');
        this.words = new LabelWords(this.text);
        String sizes = this.text;
        for (Pattern pattern : List.of(PERCENT, NO_SIZE, LENGTH, WEIGHT)) {
            sizes = pattern.matcher(sizes).replaceAll(" ");
        }
        NamedNumbers named = new NamedNumbers(sizes, words);
        readings = named.readings().isEmpty() && !words.isElastic()
                ? new BareNumbers(named.rest(), words).readings()
                : named.readings();
    }

    List<Reading> readings() {
        return readings;
    }

    OptionalDouble metres() {
        Matcher length = LENGTH.matcher(PERCENT.matcher(text).replaceAll(" "));
        if (!length.find()) {
            return OptionalDouble.empty();
        }
        String told = length.group(1);
        double value =
                THOUSANDS.matcher(told).matches() ? Double.parseDouble(told.replaceAll("[.,]", "")) : number(told);
        return positive(value * (length.group(2).startsWith("Y") ? YARD_M : 1));
    }

    OptionalDouble grams() {
        Matcher weight = WEIGHT.matcher(LENGTH.matcher(text).replaceAll(" "));
        return weight.find() ? positive(number(weight.group(1)) * gramsIn(weight.group(2))) : OptionalDouble.empty();
    }

    Optional<Fibre> fibre() {
        return words.fibre();
    }

    Optional<Build> build() {
        return words.build();
    }

    static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static double gramsIn(String unit) {
        return unit.startsWith("K") ? GRAMS_IN_A_KILO : unit.equals("OZ") ? GRAMS_IN_AN_OUNCE : 1;
    }

    private static OptionalDouble positive(double value) {
        return value > 0 ? OptionalDouble.of(value) : OptionalDouble.empty();
    }
}
