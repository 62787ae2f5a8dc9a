package belonax.thread;

import static belonax.thread.LabelNumbers.AFTER_WORD;
import static belonax.thread.LabelNumbers.BEFORE_WORD;
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

/** The numbers of a label that name their numbering; strands and plies multiply. Source: docs/craft.md, "Thread numbering". */
final class NamedNumbers {
    private static final String PLIES = "(?:\\s*[/X*]\\s*(\\d{1,2}))?";
    private static final String NOT_IN_NUMBER = "(?<![\\d.,])";

    private static final Pattern COUNT =
            Pattern.compile(BEFORE_WORD + "(NM|NEC|NE)\\.?\\s*" + N + "(?:\\s*/\\s*(\\d{1,2}))?");
    /** 50s/3: cotton count 50, three plies. */
    private static final Pattern COTTON_YARN =
            Pattern.compile(NOT_IN_NUMBER + "(\\d{1,3})\\s*S\\s*/\\s*([1-9])(?!\\d)");

    private static final Pattern LEA =
            Pattern.compile(BEFORE_WORD + "LEA\\.?\\s*" + N + PLIES + "|" + N + PLIES + "\\s*LEA" + AFTER_WORD);
    private static final Pattern DTEX_STRANDS =
            Pattern.compile(BEFORE_WORD + "(?:DTEX|DECITEX)\\s*(\\d{1,2})\\s*[X*]\\s*" + N + "|" + NOT_IN_NUMBER
                    + "(\\d{1,2})\\s*[X*]\\s*" + N + "\\s*(?:DTEX|DECITEX)" + AFTER_WORD);
    private static final Pattern DTEX = Pattern.compile(BEFORE_WORD + "(?:DTEX|DECITEX)\\s*" + N + "(?:\\s*F\\s*\\d+)?"
            + PLIES + "|" + N + "\\s*(?:DTEX|DECITEX)" + AFTER_WORD + PLIES);
    /** In “No. 120 tex 25” the unit belongs to the number behind it. */
    private static final String NO_NUMBER_BEHIND = "(?![\\s.:-]*\\d)";

    private static final Pattern TEX = Pattern.compile(BEFORE_WORD + "TEX[\\s.:-]*" + N + "|" + N + "\\s*TEX"
            + AFTER_WORD + NO_NUMBER_BEHIND + "|" + BEFORE_WORD + "T\\s*-?\\s*" + N + "(?!\\s*[/])");
    private static final Pattern DENIER = Pattern.compile(BEFORE_WORD + "DEN(?:IER)?\\.?\\s*" + N + PLIES + "|" + N
            + PLIES + "\\s*(?:DENIER|DEN|D)" + AFTER_WORD + PLIES);
    private static final Pattern TICKET =
            Pattern.compile(BEFORE_WORD + "(?:E-?\\s*)?(?:TKT|TICKET)\\.?\\s*(?:NO\\.?)?\\s*" + N + "|" + N
                    + "\\s*(?:TKT|TICKET)" + AFTER_WORD + NO_NUMBER_BEHIND);
    private static final Pattern WEIGHT = Pattern.compile(
            BEFORE_WORD + "(?:WT|WEIGHT)\\.?\\s*" + N + "|" + N + "\\s*(?:WT|WEIGHT)" + AFTER_WORD + NO_NUMBER_BEHIND);
    private static final Pattern BONDED_NUMBER = Pattern.compile(BEFORE_WORD + "V\\s*-?\\s*(\\d{2,3})(?!\\d)");
    private static final Pattern LETTER = Pattern.compile("(?<![A-Z0-9-])(FF|[BEF])(?![A-Z0-9/-])(?!\\s*-?\\s*\\d)");
    private static final Pattern MILLIMETRES = Pattern.compile(NOT_IN_NUMBER + "(0?[.,]\\d{1,3})\\s*MM" + AFTER_WORD);
    private static final Map<String, Integer> LETTERS = Map.of("B", 46, "E", 69, "F", 92, "FF", 138);

    private final Optional<Fibre> fibre;
    private final List<Reading> readings = new ArrayList<>();
    private String rest;

    NamedNumbers(String text, Optional<Fibre> fibre) {
        this.rest = text;
        this.fibre = fibre;
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

    private void readByUnit() {
        take(COUNT)
                .ifPresent(it -> name(
                        it.group(1).equals("NM") ? ThreadNumbering.NM : ThreadNumbering.NE,
                        number(it.group(2)),
                        times(it.group(3))));
        take(COTTON_YARN).ifPresent(it -> name(ThreadNumbering.NE, number(it.group(1)), number(it.group(2))));
        take(LEA).ifPresent(it -> name(ThreadNumbering.LEA, number(first(it, 1, 3)), times(it.group(2), it.group(4))));
        take(DTEX_STRANDS)
                .ifPresent(it -> name(ThreadNumbering.DTEX, number(first(it, 1, 3)) * number(first(it, 2, 4)), 1));
        take(DTEX)
                .ifPresent(
                        it -> name(ThreadNumbering.DTEX, number(first(it, 1, 3)) * times(it.group(2), it.group(4)), 1));
        take(TICKET).ifPresent(it -> name(ThreadNumbering.TICKET, number(first(it, 1, 2)), 1));
        take(WEIGHT).ifPresent(it -> name(ThreadNumbering.WEIGHT, number(first(it, 1, 2)), 1));
        take(DENIER)
                .ifPresent(it -> name(
                        ThreadNumbering.DENIER,
                        number(first(it, 1, 3)) * times(it.group(2), it.group(4)) * times(it.group(5)),
                        1));
        take(TEX).ifPresent(it -> name(ThreadNumbering.TEX, number(first(it, 1, 2, 3)), 1));
    }

    private void readBonded() {
        take(BONDED_NUMBER).ifPresent(it -> name(ThreadNumbering.BONDED_NUMBER, number(it.group(1)), 1));
        take(MILLIMETRES)
                .ifPresent(it -> name(
                        ThreadNumbering.MONOFILAMENT_MM,
                        number(it.group(1).startsWith("0") ? it.group(1) : "0" + it.group(1)),
                        fibre.orElse(Fibre.NYLON).densityKgPerM3()));
        if (readings.isEmpty() && rest.chars().noneMatch(Character::isDigit)) {
            take(LETTER).ifPresent(it -> name(ThreadNumbering.LETTER, LETTERS.getOrDefault(it.group(1), 0), 1));
        }
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
        readings.add(new Reading(numbering, numbering.tex(number, plies), 1, why(numbering)));
    }

    private static String why(ThreadNumbering numbering) {
        return switch (numbering) {
            case BONDED_NUMBER -> "V-numbers stand on bonded and upholstery thread.";
            case LETTER -> "A letter by itself is how bonded and upholstery thread is sized: B, E, F, FF.";
            case MONOFILAMENT_MM -> "A monofilament is sold by its diameter; its weight follows from that.";
            default -> "The label names its numbering, " + numbering.words() + ".";
        };
    }

    private static double times(@Nullable String... plies) {
        double times = 1;
        for (String it : plies) {
            times *= it == null ? 1 : number(it);
        }
        return times;
    }

    private static String first(MatchResult found, int... groups) {
        for (int it : groups) {
            if (found.group(it) != null) {
                return found.group(it);
            }
        }
        throw new IllegalStateException("One of the groups always takes the number.");
    }
}
