package belonax.thread;

import belonax.BadInput;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * One line of a list of spools, read as it was typed: colour first, then what the label says, as in "navy polyester Tkt 120
 * 200 m". Source: docs/craft.md, "Thread numbering".
 *
 * @param spools how many of them, 1 to {@value #MOST}
 * @param colour in words, never blank
 * @param label what is left of the line when the number of spools is taken off: what the label says
 * @param metres length on each, in metres
 * @param why how its fineness was found, a whole sentence
 * @param sure whether the fineness was read and needs no question
 */
public record SpoolLine(
        int spools,
        String colour,
        String label,
        Tex tex,
        Fibre fibre,
        Build build,
        OptionalDouble metres,
        String why,
        boolean sure) {
    private static final int MOST = 40;
    private static final Pattern SEVERAL = Pattern.compile("^\\s*(\\d{1,2})\\s*[x×*]\\s+", Pattern.CASE_INSENSITIVE);
    /** Words that speak of the thread and never of its colour. */
    private static final Pattern NO_COLOUR = Pattern.compile(
            "\\b(?:POLYESTER|COTTON|SILK|RAYON|VISCOSE|NYLON|POLYAMIDE|METALLIC|CORE.?SPUN|SPUN|MONOFILAMENT|FILAMENT|"
                    + "BONDED|TEXTURED|WAXED|GLACE|MERCERI[SZ]ED|LINEN|THREADS?|SPOOLS?|CONES?|REELS?|SEWING|EMBROIDERY|"
                    + "QUILTING|JEANS|UPHOLSTERY|EXTRA|STRONG|TKT|TICKET|TEX|DTEX|DECITEX|DEN|DENIER|WT|WEIGHT|NO|NR|NM|NE|"
                    + "NEC|LEA|OF|LEFT|ABOUT|FULL|NEARLY|EMPTY|METRES?|METERS?|YARDS?|YDS?|GRAMS?)\\b");

    /**
     * Reads a line.
     *
     * @throws BadInput if it names no colour, too many spools, or is longer than a label
     */
    public static SpoolLine read(String line) {
        Matcher several = SEVERAL.matcher(line);
        int spools = several.find() ? Integer.parseInt(several.group(1)) : 1;
        BadInput.unless(
                spools >= 1 && spools <= MOST,
                "line",
                () -> "One line can be 1 to " + MOST + " spools that are alike.");
        String label = several.replaceFirst("").strip();
        String colour = colour(label);
        BadInput.unless(
                !colour.isBlank(),
                "line",
                () -> "Begin with the colour, such as “navy polyester Tkt 120”, so that you know the spool again.");
        LabelNumbers numbers = new LabelNumbers(label.toUpperCase(Locale.ROOT));
        Optional<UsualThread> usual = UsualThread.in(label);
        Optional<ThreadLabel.Answer> answer = answer(label);
        UsualThread taken = usual.orElse(UsualThread.UNKNOWN);
        return new SpoolLine(
                spools,
                colour,
                label,
                answer.map(otherAnswer -> otherAnswer.likeliest().tex()).orElse(taken.tex()),
                numbers.fibre().orElse(Fibre.POLYESTER),
                numbers.build().orElse(answer.isPresent() ? Build.SPUN : taken.build()),
                numbers.metres(),
                answer.map(otherAnswer -> otherAnswer.likeliest().why())
                        .orElseGet(
                                () -> usual.map(usualThread -> "No number is told: " + usualThread.words()
                                                + " thread is taken at " + usualThread.tex() + ".")
                                        .orElse(
                                                "No number is told: taken as ordinary thread, tex 25, until its label is read.")),
                answer.map(otherAnswer -> otherAnswer.question().isEmpty()).orElse(usual.isPresent()));
    }

    /** A line without a number has no fineness to read; a refusal of another kind stands. */
    private static Optional<ThreadLabel.Answer> answer(String label) {
        if (label.chars().noneMatch(Character::isDigit)) {
            return Optional.empty();
        }
        try {
            return Optional.of(ThreadLabel.read(label));
        } catch (BadInput unread) {
            if (label.length() > 200) {
                throw unread;
            }
            return Optional.empty();
        }
    }

    /** What is neither a number nor a word of the trade. */
    private static String colour(String label) {
        String words = Arrays.stream(label.split("[\\s,;]+"))
                .filter(text -> text.chars().noneMatch(Character::isDigit) && !text.contains("%"))
                .filter(text -> !NO_COLOUR
                        .matcher(text.toUpperCase(Locale.ROOT).replaceAll("[.:()]+$", ""))
                        .matches())
                .filter(text -> !text.matches("(?i)mm?|g|[-–·]+"))
                .collect(Collectors.joining(" "));
        String rest = words;
        for (UsualThread usualThread : UsualThread.values()) {
            rest = usualThread.takenOutOf(rest);
        }
        return rest.replaceAll("\\s+", " ").strip();
    }
}
