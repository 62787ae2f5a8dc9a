package belonax.thread;

import belonax.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.DoublePredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the number on a spool. A label that names its numbering has one reading; a bare number has several, the likeliest
 * first. Source: docs/craft.md, "Thread numbering".
 */
public final class ThreadLabel {
    private static final int LONGEST = 200;
    private static final String NUMBER = "(\\d{1,5}(?:[.,]\\d{1,3})?)";
    private static final Pattern COUNT = Pattern.compile("\\b(NM|NE|NEC)\\.?\\s*" + NUMBER + "\\s*/\\s*(\\d{1,2})");
    private static final Pattern BEFORE =
            Pattern.compile("\\b(DTEX|DECITEX|TEX|DENIER|DEN|TKT|TICKET|NO|NR|WT|WEIGHT)\\.?\\s*" + NUMBER);
    private static final Pattern AFTER = Pattern.compile(NUMBER + "\\s*(DTEX|DECITEX|TEX|DENIER|DEN|TKT|WT|WEIGHT)\\b");
    private static final Pattern BARE = Pattern.compile("\\s*#?\\s*" + NUMBER + "\\s*");

    /**
     * One way to read a label.
     *
     * @param likelihood between 0 and 1; the readings of one label add up to 1
     * @param why the reason, a whole sentence
     */
    public record Reading(ThreadNumbering numbering, Tex tex, double likelihood, String why) {}

    private ThreadLabel() {}

    /**
     * Returns every reading that fits, the likeliest first, never none.
     *
     * @throws BadInput if nothing on the label can be read as a fineness
     */
    public static List<Reading> read(String label) {
        BadInput.unless(
                label.length() <= LONGEST, "label", () -> "That is longer than any label. Type the number part only.");
        String text = label.toUpperCase(Locale.ROOT);
        Matcher count = COUNT.matcher(text);
        if (count.find()) {
            ThreadNumbering numbering = count.group(1).equals("NM") ? ThreadNumbering.NM : ThreadNumbering.NE;
            return List.of(named(numbering, number(count.group(2)), number(count.group(3))));
        }
        Matcher before = BEFORE.matcher(text);
        if (before.find()) {
            return List.of(named(numbering(before.group(1)), number(before.group(2)), 1));
        }
        Matcher after = AFTER.matcher(text);
        if (after.find()) {
            return List.of(named(numbering(after.group(2)), number(after.group(1)), 1));
        }
        Matcher bare = BARE.matcher(text);
        if (bare.matches()) {
            return bareReadings(number(bare.group(1)));
        }
        throw unreadable();
    }

    private static Reading named(ThreadNumbering numbering, double number, double plies) {
        BadInput.unless(
                number > 0 && plies > 0, "label", () -> "A thread's number is above 0. Look at the spool again.");
        return new Reading(
                numbering,
                numbering.tex(number, plies),
                1,
                "The label names its numbering, " + numbering.words() + ".");
    }

    private static ThreadNumbering numbering(String word) {
        return switch (word) {
            case "TEX" -> ThreadNumbering.TEX;
            case "DTEX", "DECITEX" -> ThreadNumbering.DTEX;
            case "DENIER", "DEN" -> ThreadNumbering.DENIER;
            case "WT", "WEIGHT" -> ThreadNumbering.WEIGHT;
            default -> ThreadNumbering.TICKET;
        };
    }

    /** A bare number: home spools from about 80 up are tickets, low numbers are weights; tex and cotton are seldomer. */
    private static List<Reading> bareReadings(double number) {
        List<Reading> all = new ArrayList<>();
        boolean high = number >= 75;
        offer(
                all,
                ThreadNumbering.TICKET,
                number,
                high ? 0.85 : 0.25,
                tex -> tex >= 8 && tex <= 150,
                "Bare numbers from about 80 up are mostly tickets on home spools.");
        offer(
                all,
                ThreadNumbering.WEIGHT,
                number,
                high ? 0.08 : 0.6,
                tex -> tex >= 8 && tex <= 150,
                "Low bare numbers are mostly weights, as on quilting and embroidery spools.");
        offer(
                all,
                ThreadNumbering.TEX,
                number,
                high ? 0.07 : 0.15,
                tex -> tex >= 8 && tex <= 150,
                "It may be tex, which some spools print without the word.");
        double sum = all.stream().mapToDouble(Reading::likelihood).sum();
        if (all.isEmpty()) {
            throw unreadable();
        }
        return all.stream()
                .map(it -> new Reading(it.numbering(), it.tex(), it.likelihood() / sum, it.why()))
                .sorted((a, b) -> Double.compare(b.likelihood(), a.likelihood()))
                .toList();
    }

    private static void offer(
            List<Reading> to,
            ThreadNumbering numbering,
            double number,
            double likelihood,
            DoublePredicate fits,
            String why) {
        try {
            Tex tex = numbering.tex(number, 1);
            if (fits.test(tex.value())) {
                to.add(new Reading(numbering, tex, likelihood, why));
            }
        } catch (BadInput notAThread) {
            // This numbering would make it no thread at all, so it is not a reading.
        }
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static BadInput unreadable() {
        return new BadInput(
                "label",
                "No fineness can be read in that label. Type the number with its word, such as tex 25, Tkt 120 or 40 wt.");
    }
}
