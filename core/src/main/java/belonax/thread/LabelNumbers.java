package belonax.thread;

import belonax.BadInput;
import belonax.thread.ThreadLabel.Reading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The numbers on a label: those that name their numbering, or else the bare ones with every reading that fits. */
final class LabelNumbers {
    private static final double YARD_M = 0.9144;
    private static final double FINEST_SEEN = 8;
    private static final double THICKEST_SEEN = 150;
    private static final String N = "(\\d{1,5}(?:[.,]\\d{1,3})?)";
    private static final String BEFORE_WORD = "(?<![A-Z])";
    private static final String AFTER_WORD = "(?![A-Z])";

    private static final Pattern COUNT =
            Pattern.compile(BEFORE_WORD + "(NM|NEC|NE)\\.?\\s*" + N + "(?:\\s*/\\s*(\\d{1,2}))?");
    private static final Pattern DTEX =
            Pattern.compile(BEFORE_WORD + "(?:DTEX|DECITEX)\\s*" + N + "(?:\\s*F\\s*\\d+)?(?:\\s*[X*]\\s*(\\d{1,2}))?|"
                    + N + "\\s*(?:DTEX|DECITEX)" + AFTER_WORD + "(?:\\s*[X*]\\s*(\\d{1,2}))?");
    private static final Pattern TEX = Pattern.compile(BEFORE_WORD + "TEX[\\s.:-]*" + N + "|" + N + "\\s*TEX"
            + AFTER_WORD + "|" + BEFORE_WORD + "T\\s*-?\\s*" + N + "(?!\\s*[/])");
    private static final Pattern DENIER = Pattern.compile(BEFORE_WORD + "DEN(?:IER)?\\.?\\s*" + N + "|" + N
            + "\\s*(?:DENIER|DEN|D)" + AFTER_WORD + "(?:\\s*[/X]\\s*(\\d{1,2}))?");
    private static final Pattern TICKET = Pattern.compile(BEFORE_WORD
            + "(?:E-?\\s*)?(?:TKT|TICKET)\\.?\\s*(?:NO\\.?)?\\s*" + N + "|" + N + "\\s*(?:TKT|TICKET)" + AFTER_WORD);
    private static final Pattern WEIGHT =
            Pattern.compile(BEFORE_WORD + "(?:WT|WEIGHT)\\.?\\s*" + N + "|" + N + "\\s*(?:WT|WEIGHT)" + AFTER_WORD);
    private static final Pattern LENGTH = Pattern.compile(N + "\\s*(M|MTR|METERS?|METRES?|YDS?|YARDS?)" + AFTER_WORD);
    private static final Pattern GRAMS = Pattern.compile(N + "\\s*(?:G|GR|GRAMS?)" + AFTER_WORD);
    private static final Pattern PLIED = Pattern.compile("(?<!\\d)(\\d{1,3})\\s*/\\s*([1-9])(?!\\d)");
    private static final Pattern BARE =
            Pattern.compile("(?<![A-Z\\d.,/])(NO\\.?|NR\\.?|N°|№|#)?\\s*" + N + "(?!\\s*[%/\\d])");

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
    private final List<Reading> named = new ArrayList<>();
    private final List<Reading> bare = new ArrayList<>();
    private String rest;

    LabelNumbers(String text) {
        this.text = text;
        this.rest = text;
        readNamed();
        rest = LENGTH.matcher(rest).replaceAll(" ");
        rest = GRAMS.matcher(rest).replaceAll(" ");
        if (named.isEmpty()) {
            readPlied();
            if (bare.isEmpty()) {
                readBare();
            }
        }
    }

    List<Reading> readings() {
        return named.isEmpty() ? bare : named;
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

    private void readNamed() {
        take(COUNT)
                .ifPresent(it -> name(
                        it.group(1).equals("NM") ? ThreadNumbering.NM : ThreadNumbering.NE,
                        number(it.group(2)),
                        it.group(3) == null ? 1 : number(it.group(3))));
        take(DTEX)
                .ifPresent(it -> name(
                        ThreadNumbering.DTEX, number(first(it, 1, 3)) * times(it.group(2)) * times(it.group(4)), 1));
        take(TICKET).ifPresent(it -> name(ThreadNumbering.TICKET, number(first(it, 1, 2)), 1));
        take(WEIGHT).ifPresent(it -> name(ThreadNumbering.WEIGHT, number(first(it, 1, 2)), 1));
        take(DENIER).ifPresent(it -> name(ThreadNumbering.DENIER, number(first(it, 1, 2)) * times(it.group(3)), 1));
        take(TEX).ifPresent(it -> name(ThreadNumbering.TEX, number(first(it, 1, 2, 3)), 1));
    }

    /** Finds the pattern and takes it out of what is left to read. */
    private Optional<MatchResult> take(Pattern pattern) {
        Matcher matcher = pattern.matcher(rest);
        if (!matcher.find()) {
            return Optional.empty();
        }
        MatchResult found = matcher.toMatchResult();
        rest = rest.substring(0, found.start()) + " " + rest.substring(found.end());
        return Optional.of(found);
    }

    private void name(ThreadNumbering numbering, double number, double plies) {
        BadInput.unless(
                number > 0 && plies > 0, "text", () -> "A thread's number is above 0. Look at the spool again.");
        named.add(new Reading(
                numbering,
                numbering.tex(number, plies),
                1,
                "The label names its numbering, " + numbering.words() + "."));
    }

    private void readPlied() {
        take(PLIED).ifPresent(it -> {
            double yarns = number(it.group(1));
            double plies = number(it.group(2));
            boolean cotton = fibre().equals(Optional.of(Fibre.COTTON));
            boolean fine = yarns >= 90;
            offer(
                    ThreadNumbering.NE,
                    yarns,
                    plies,
                    cotton ? 0.75 : fine ? 0.15 : 0.5,
                    "Two numbers with a stroke are yarn count and plies; on cotton they are mostly the cotton count.");
            offer(
                    ThreadNumbering.NM,
                    yarns,
                    plies,
                    cotton ? 0.1 : fine ? 0.75 : 0.3,
                    "Two numbers with a stroke are yarn count and plies; on polyester and rayon mostly the metric count.");
            if (plies == 2 || plies == 3) {
                offer(
                        ThreadNumbering.WEIGHT,
                        yarns,
                        1,
                        0.2,
                        "Quilting and embroidery spools print a weight before the plies.");
            }
        });
    }

    /** From about 80 up a bare number is mostly a ticket, a low one mostly a weight; tex and counts are seldomer. */
    private void readBare() {
        take(BARE).ifPresent(it -> {
            double number = number(it.group(2));
            double marked = it.group(1) == null || it.group(1).equals("#") ? 1 : 1.4;
            boolean high = number >= 75;
            boolean middle = number >= 60 && !high;
            offer(
                    ThreadNumbering.TICKET,
                    number,
                    1,
                    marked * (high ? 0.80 : middle ? 0.45 : number >= 30 ? 0.25 : 0.15),
                    "Bare numbers from about 80 up, and a No. before the number, are mostly tickets on home spools.");
            offer(
                    ThreadNumbering.WEIGHT,
                    number,
                    1,
                    high ? 0.06 : middle ? 0.35 : 0.5,
                    "Low bare numbers are mostly weights, as on quilting and embroidery spools.");
            offer(
                    ThreadNumbering.TEX,
                    number,
                    1,
                    high ? 0.04 : middle ? 0.06 : 0.15,
                    "It may be tex, which some spools print without the word.");
            offer(
                    ThreadNumbering.NM,
                    number,
                    2,
                    high ? 0.06 : 0.03,
                    "It may be the metric count of a two-ply thread, printed without its plies.");
            offer(
                    ThreadNumbering.NE,
                    number,
                    2,
                    high ? 0.02 : 0.08,
                    "It may be the cotton count of a two-ply thread, printed without its plies.");
        });
    }

    private void offer(ThreadNumbering numbering, double number, double plies, double likelihood, String why) {
        if (number <= 0) {
            return;
        }
        // Outside these ends no numbering is meant, so the reading is left out rather than refused.
        double raw = numbering.texValue(number, plies);
        if (raw >= FINEST_SEEN && raw <= THICKEST_SEEN) {
            bare.add(new Reading(numbering, new Tex(raw), likelihood, why));
        }
    }

    private static double times(@Nullable String plies) {
        return plies == null ? 1 : number(plies);
    }

    private static String first(MatchResult found, int... groups) {
        for (int it : groups) {
            if (found.group(it) != null) {
                return found.group(it);
            }
        }
        throw new IllegalStateException("One of the groups always takes the number.");
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
