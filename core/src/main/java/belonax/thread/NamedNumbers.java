package belonax.thread;

import static belonax.thread.LabelNumbers.N;
import static belonax.thread.LabelNumbers.number;

import belonax.BadInput;
import belonax.thread.ThreadLabel.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The numbers of a label that name their numbering. A number may stand before its unit or behind it; plies multiply tex,
 * decitex, denier and counts, and never a weight or a ticket; filaments multiply nothing. Source: docs/craft.md, "Thread
 * numbering".
 */
final class NamedNumbers {
    /** What is measured outweighs a custom of the trade that says something else on the same label. */
    private static final double CUSTOM_BESIDE_A_MEASURE = 0.3;

    private static final String YARNS = "(?:(\\d{1,2})\\s*[X*]\\s*)?" + N + "(?:\\s*/\\s*(\\d{1,3}))?";
    private static final String FILAMENTS = "(?:\\s*/?\\s*(?:F\\s*\\d{1,3}|\\d{1,3}\\s*F)(?![A-Z\\d]))?";
    private static final Pattern BEFORE_UNIT = Pattern.compile("(?<![\\d.,])" + YARNS + "\\s*-?\\s*$");
    private static final Pattern BEHIND_UNIT = Pattern.compile("^[\\s.:=-]*(?:NO|NR|N°)?[\\s.:]*"
            + "(?:(\\d{1,2})\\s*[X*]\\s*)?" + N + FILAMENTS + "(?:\\s*[/X*]\\s*(\\d{1,2})(?!\\d)(?!\\s*F(?![A-Z])))?");
    private static final Pattern PLIES_BEHIND =
            Pattern.compile("^" + FILAMENTS + "\\s*[/X*]\\s*(\\d{1,2})(?!\\d)(?!\\s*F(?![A-Z]))");
    private static final Pattern PLIES_IN_WORDS =
            Pattern.compile("(?<!\\d)([2-9])\\s*-?\\s*(?:PLY|PLIES|FACH|CORD)(?![A-Z])");
    /** “No. 120 tex 25”: the first number speaks for itself, the unit takes the second. */
    private static final Pattern SPEAKS_FOR_ITSELF = Pattern.compile("(?:NO|NR|N°|#)[\\s.:]*$");

    private static final Pattern RESULTANT = Pattern.compile(
            "(?<![A-Z])R\\s*[-.]?\\s*(?:TEX)?\\s*" + N + "(?:\\s*TEX)?(?![A-Z\\d])|" + N + "\\s*R\\s*TEX(?![A-Z])");
    private static final Pattern TEX = Pattern.compile("(?<![A-Z])TEX(?![A-Z])");
    /** T27, with the T in front. */
    private static final Pattern T = Pattern.compile("(?<![A-Z0-9])T\\s*-?\\s*(\\d{1,3})(?![\\d/,.])");

    private static final Pattern DTEX = Pattern.compile("(?<![A-Z])(?:DTEX|DECITEX)(?![A-Z])");
    private static final Pattern DENIER = Pattern.compile("(?<![A-Z])(?:DENIER|DEN)(?![A-Z])|(?<=\\d)\\s?D(?![A-Z])");
    private static final Pattern NM = Pattern.compile("(?<![A-Z])NM(?![A-Z])");
    private static final Pattern NE = Pattern.compile("(?<![A-Z])(?:NEC|NEB|NE)(?![A-Z])");
    /** 50s/3: cotton count 50, three plies. */
    private static final Pattern COTTON_YARN =
            Pattern.compile("(?<![\\d.,])(\\d{1,3})\\s*S(?:\\s*/\\s*([1-9])(?!\\d))?(?![A-Z])");

    private static final Pattern LEA = Pattern.compile("(?<![A-Z])LEA(?![A-Z])");
    private static final Pattern TICKET = Pattern.compile("(?<![A-Z])(?:E-?\\s*)?(?:TKT|TICKET|ETIKETT)(?![A-Z])");
    private static final Pattern WEIGHT = Pattern.compile("(?<![A-Z])(?:WT|WEIGHT)(?![A-Z])");
    private static final Pattern BONDED_NUMBER = Pattern.compile("(?<![A-Z])V\\s*-?\\s*(\\d{2,3})(?!\\d)");
    private static final Pattern BONDED_SIZE = Pattern.compile("(?<![\\d.,/])(46|69|92|138|207)(?![\\d.,/])");
    private static final Pattern LETTER = Pattern.compile("(?<![A-Z0-9-])(FF|[BEF])(?![A-Z0-9/-])(?!\\s*-?\\s*\\d)");
    private static final Pattern MILLIMETRES = Pattern.compile("(?<![\\d.,])(0?[.,]\\d{1,3})\\s*MM(?![A-Z])");
    private static final Pattern INCHES = Pattern.compile("(?<![\\d.,])0?[.,](0\\d\\d)(?!\\d)");
    private static final double MM_PER_INCH = 25.4;
    private static final double THOUSANDTHS = 1000;
    private static final int THREE_CORD = 3;
    /** Cotton tickets follow the cotton count of a three-cord, say some; they are metric, say others. */
    private static final double DISPUTED = 0.55;

    private static final Map<String, Integer> LETTERS = Map.of("B", 46, "E", 69, "F", 92, "FF", 138);

    private final LabelWords words;
    private final List<Reading> readings = new ArrayList<>();
    private String rest;

    NamedNumbers(String text, LabelWords words) {
        this.rest = text;
        this.words = words;
        readByUnit();
        if (readings.isEmpty()) {
            readBonded();
        }
    }

    List<Reading> readings() {
        return readings;
    }

    /** Returns what is left to read. */
    String rest() {
        return rest;
    }

    /** A number of yarns: so many times that number, twisted of so many plies. */
    private record Count(double number, double plies) {}

    private void readByUnit() {
        if (readTex()) {
            return;
        }
        unit(DTEX).ifPresent(count -> name(ThreadNumbering.DTEX, count.number() * count.plies(), 1, 1));
        unit(DENIER).ifPresent(count -> name(ThreadNumbering.DENIER, count.number() * count.plies(), 1, 1));
        take(COTTON_YARN)
                .ifPresent(match -> name(
                        ThreadNumbering.NE,
                        number(match.group(1)),
                        match.group(2) == null ? pliesInWords() : number(match.group(2)),
                        1));
        unit(NM).map(NamedNumbers::pliesLast)
                .ifPresent(count -> name(ThreadNumbering.NM, count.number(), count.plies(), 1));
        unit(NE).map(NamedNumbers::pliesLast)
                .ifPresent(count -> name(ThreadNumbering.NE, count.number(), count.plies(), 1));
        unit(LEA).ifPresent(count -> name(ThreadNumbering.LEA, count.number(), count.plies(), 1));
        double custom = readings.isEmpty() ? 1 : CUSTOM_BESIDE_A_MEASURE;
        unit(TICKET).ifPresent(count -> readTicket(count.number(), custom));
        unit(WEIGHT).ifPresent(count -> readWeight(count.number(), custom));
    }

    /** Tex is a measure and beats all else; R is what the finished thread has. */
    private boolean readTex() {
        Optional<MatchResult> resultant = TEX.matcher(rest).find() ? take(RESULTANT) : Optional.empty();
        if (resultant.isPresent()) {
            MatchResult match = resultant.get();
            name(ThreadNumbering.TEX, number(match.group(1) == null ? match.group(2) : match.group(1)), 1, 1);
            return true;
        }
        unit(TEX).ifPresent(count -> name(ThreadNumbering.TEX, count.number() * count.plies(), 1, 1));
        if (readings.isEmpty()) {
            take(T).ifPresent(match -> name(ThreadNumbering.TEX, number(match.group(1)), 1, 1));
        }
        return !readings.isEmpty();
    }

    private void readTicket(double number, double likelihood) {
        boolean disputed = words.isCotton();
        name(ThreadNumbering.TICKET, number, 1, disputed ? likelihood * (1 - DISPUTED) : likelihood);
        if (disputed) {
            readings.add(new Reading(
                    ThreadNumbering.NE,
                    ThreadNumbering.NE.tex(number, THREE_CORD),
                    likelihood * DISPUTED,
                    "Cotton tickets mostly follow the cotton count of a three-cord thread."));
        }
    }

    /** A three-ply cotton of so many wt is sold at two thicknesses, as a weight and as a cotton count. */
    private void readWeight(double number, double likelihood) {
        boolean disputed = pliesInWords() == THREE_CORD && words.isCotton();
        name(ThreadNumbering.WEIGHT, number, 1, disputed ? likelihood * (1 - DISPUTED) : likelihood);
        if (disputed) {
            readings.add(new Reading(
                    ThreadNumbering.NE,
                    ThreadNumbering.NE.tex(number, THREE_CORD),
                    likelihood * DISPUTED,
                    "On three-ply cotton wt is mostly the cotton count, so that 50 is tex 35."));
        }
    }

    private void readBonded() {
        take(BONDED_NUMBER).ifPresent(match -> name(ThreadNumbering.BONDED_NUMBER, number(match.group(1)), 1, 1));
        if (readings.isEmpty() && words.isBonded()) {
            take(BONDED_SIZE).ifPresent(match -> name(ThreadNumbering.BONDED_NUMBER, number(match.group(1)), 1, 1));
        }
        if (words.mayBeMonofilament()) {
            take(MILLIMETRES)
                    .ifPresent(match -> readDiameter(
                            number(match.group(1).startsWith("0") ? match.group(1) : "0" + match.group(1))));
            if (readings.isEmpty() && words.saysMonofilament()) {
                take(INCHES).ifPresent(match -> readDiameter(number(match.group(1)) / THOUSANDTHS * MM_PER_INCH));
            }
        }
        if (readings.isEmpty() && rest.chars().noneMatch(Character::isDigit)) {
            take(LETTER)
                    .ifPresent(match -> name(ThreadNumbering.LETTER, LETTERS.getOrDefault(match.group(1), 0), 1, 1));
        }
    }

    private void readDiameter(double mm) {
        name(
                ThreadNumbering.MONOFILAMENT_MM,
                mm,
                words.fibre().orElse(Fibre.NYLON).densityKgPerM3(),
                1);
    }

    /** Finds a unit and takes the number that belongs to it: the one before it, unless that speaks for itself. */
    private Optional<Count> unit(Pattern pattern) {
        Matcher unit = pattern.matcher(rest);
        while (unit.find()) {
            Optional<Count> count = countAt(unit.start(), unit.end());
            if (count.isPresent()) {
                return count;
            }
        }
        return Optional.empty();
    }

    private Optional<Count> countAt(int start, int end) {
        String before = rest.substring(0, start);
        String behind = rest.substring(end);
        Matcher number = BEFORE_UNIT.matcher(before);
        boolean stands = number.find();
        Matcher other = BEHIND_UNIT.matcher(behind);
        boolean otherStands = other.find();
        boolean speaksForItself = stands
                && SPEAKS_FOR_ITSELF
                        .matcher(before.substring(0, number.start()))
                        .find();
        if (stands && !(speaksForItself && otherStands)) {
            Matcher plies = PLIES_BEHIND.matcher(behind);
            boolean plied = plies.find();
            rest = before.substring(0, number.start()) + " " + (plied ? behind.substring(plies.end()) : behind);
            return Optional.of(count(number.group(1), number.group(2), number.group(3), plied ? plies.group(1) : null));
        }
        if (!otherStands) {
            return Optional.empty();
        }
        rest = before + " " + behind.substring(other.end());
        return Optional.of(count(other.group(1), other.group(2), other.group(3), null));
    }

    private Count count(
            @Nullable String times, @Nullable String number, @Nullable String plies, @Nullable String furtherPlies) {
        double twisted = times(times) * times(plies) * times(furtherPlies);
        return new Count(times(number), twisted == 1 ? pliesInWords() : twisted);
    }

    /** Yarn cones print the plies first: 2/28 is two plies of 28. */
    private static Count pliesLast(Count count) {
        double smaller = Math.min(count.number(), count.plies());
        double larger = Math.max(count.number(), count.plies());
        return new Count(larger, smaller);
    }

    private double pliesInWords() {
        Matcher plies = PLIES_IN_WORDS.matcher(rest);
        return plies.find() ? number(plies.group(1)) : 1;
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

    private void name(ThreadNumbering numbering, double number, double plies, double likelihood) {
        BadInput.unless(
                number > 0 && plies > 0, "text", () -> "A thread's number is above 0. Look at the spool again.");
        readings.add(new Reading(numbering, numbering.tex(number, plies), likelihood, why(numbering)));
    }

    private static String why(ThreadNumbering numbering) {
        return switch (numbering) {
            case BONDED_NUMBER -> "V-numbers stand on bonded and upholstery thread.";
            case LETTER -> "A letter by itself is how bonded and upholstery thread is sized: B, E, F, FF.";
            case MONOFILAMENT_MM -> "A monofilament is sold by its diameter; its weight follows from that.";
            default -> "The label names its numbering, " + numbering.words() + ".";
        };
    }

    private static double times(@Nullable String number) {
        return number == null ? 1 : number(number);
    }
}
