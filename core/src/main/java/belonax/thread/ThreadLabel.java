package belonax.thread;

import belonax.BadInput;
import belonax.Shown;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Reads what is printed on a spool. A label that names its numbering has one reading; a bare number has several, the
 * likeliest first, with the one question that parts them. Metres and grams settle it: tex = 1000 x net grams / metres.
 * Source: docs/craft.md, "Thread numbering".
 */
public final class ThreadLabel {
    private static final int LONGEST = 200;
    /** How far a weighed fineness strays at home, as a share: the scale's step, the spool's own weight, the metres told. */
    private static final double WEIGHED_SD = 0.08;
    /** What is left for a fineness that no reading of the label tells, when the spool was weighed too. */
    private static final double WEIGHED_PRIOR = 0.10;
    /** Readings of nearly one fineness need no question between them. */
    private static final double SAME_WITHIN = 0.10;

    private static final double SETTLED_FROM = 0.92;
    /** Printed and weighed fineness that lie further apart than this do not speak of the same thing. */
    private static final double DISAGREE = 0.25;

    /**
     * One way to read a label.
     *
     * @param likelihood between 0 and 1; the readings of one label add up to 1
     * @param why the reason, a whole sentence
     */
    public record Reading(ThreadNumbering numbering, Tex tex, double likelihood, String why) {
        Reading withLikelihood(double value) {
            return new Reading(numbering, tex, value, why);
        }
    }

    /**
     * What the label says.
     *
     * @param readings every reading that fits, the likeliest first, never none
     * @param question the one thing to find out that settles which reading it is; empty when nothing is left to settle
     * @param fibre what the label says it is made of
     * @param build how the label says it is made
     */
    public record Answer(
            List<Reading> readings, Optional<String> question, Optional<Fibre> fibre, Optional<Build> build) {
        public Answer {
            readings = List.copyOf(readings);
        }

        public Reading likeliest() {
            return readings.get(0);
        }
    }

    private ThreadLabel() {}

    /**
     * Reads a label.
     *
     * @throws BadInput if nothing on it can be read as a fineness
     */
    public static Answer read(String label) {
        return read(Optional.of(label), OptionalDouble.empty(), OptionalDouble.empty());
    }

    /**
     * Reads a label together with what the spool holds.
     *
     * @param metres length on the spool, above 0 and at most 100 000; wins over a length that is printed
     * @param grams net weight, without the empty spool, above 0 and at most 5000
     * @throws BadInput if nothing can be read as a fineness and metres and grams do not tell it either
     */
    public static Answer read(Optional<String> label, OptionalDouble metres, OptionalDouble grams) {
        check(label, metres, grams);
        LabelNumbers numbers = new LabelNumbers(label.orElse("").toUpperCase(Locale.ROOT));
        OptionalDouble length = metres.isPresent() ? metres : numbers.metres();
        OptionalDouble weight = grams.isPresent() ? grams : numbers.grams();
        List<Reading> readings = new ArrayList<>(normal(numbers.readings()));
        Optional<String> spoolWeighed = Optional.empty();
        if (length.isPresent() && weight.isPresent()) {
            spoolWeighed = askForSpool(readings, weight.getAsDouble(), length.getAsDouble());
            readings = weighed(readings, weight.getAsDouble(), length.getAsDouble());
        }
        if (readings.isEmpty()) {
            throw unreadable(length, weight);
        }
        readings.sort(Comparator.comparingDouble(Reading::likelihood).reversed());
        Optional<String> question = spoolWeighed.isPresent() ? spoolWeighed : question(readings, length);
        return new Answer(readings, question, numbers.fibre(), numbers.build());
    }

    private static void check(Optional<String> label, OptionalDouble metres, OptionalDouble grams) {
        label.ifPresent(text -> BadInput.unless(
                text.length() <= LONGEST,
                "text",
                () -> "That is longer than any label (" + text.length()
                        + " characters). Type the number part only, such as" + " Tkt 120."));
        metres.ifPresent(metre -> BadInput.unless(
                metre > 0 && metre <= 100_000,
                "metres",
                () -> "A spool holds 10 to 10 000 metres. Look for the length on its label."));
        grams.ifPresent(gram -> BadInput.unless(
                gram > 0 && gram <= 5000,
                "grams",
                () -> "A spool's thread weighs 1 to 1000 grams. Weigh it, and take off what the empty spool weighs."));
    }

    /** Where nothing that is printed comes near what was weighed, the empty spool was mostly weighed along. */
    private static Optional<String> askForSpool(List<Reading> printed, double grams, double metres) {
        double tex = ThreadNumbering.WEIGHED.texValue(grams, metres);
        boolean allFar = !printed.isEmpty()
                && printed.stream().allMatch(reading -> Math.abs(reading.tex().value() / tex - 1) > DISAGREE);
        if (!allFar) {
            return Optional.empty();
        }
        Tex likeliest = printed.stream()
                .max(Comparator.comparingDouble(Reading::likelihood))
                .orElseThrow()
                .tex();
        return Optional.of(String.format(
                Locale.ROOT,
                "Was the empty spool weighed along? The label says %s, and %s m of that weigh %s g by themselves. Weigh an empty"
                        + " spool of the kind, and take it off.",
                likeliest,
                Shown.tenths(metres),
                Shown.tenths(likeliest.value() * metres / 1000)));
    }

    /** Weighing is evidence: a reading that agrees with it gains, the others fade. */
    private static List<Reading> weighed(List<Reading> printed, double grams, double metres) {
        Tex tex = ThreadNumbering.WEIGHED.tex(grams, metres);
        List<Reading> all = new ArrayList<>();
        for (Reading reading : printed) {
            double off = Math.log(reading.tex().value() / tex.value()) / WEIGHED_SD;
            all.add(reading.withLikelihood(reading.likelihood() * Math.exp(-off * off / 2)));
        }
        all.add(new Reading(
                ThreadNumbering.WEIGHED,
                tex,
                printed.isEmpty() ? 1 : WEIGHED_PRIOR,
                String.format(
                        Locale.ROOT,
                        "%s g net on %s m: 1000 × grams ÷ metres is %s.",
                        Shown.tenths(grams),
                        Shown.tenths(metres),
                        tex)));
        return new ArrayList<>(normal(all).stream()
                .filter(reading -> reading.likelihood() >= 0.002)
                .toList());
    }

    private static List<Reading> normal(List<Reading> readings) {
        double sum = readings.stream().mapToDouble(Reading::likelihood).sum();
        return readings.stream()
                .map(reading -> reading.withLikelihood(reading.likelihood() / sum))
                .toList();
    }

    /** Asks for what parts the likeliest reading from the likeliest one that differs from it. */
    private static Optional<String> question(List<Reading> readings, OptionalDouble metres) {
        Reading first = readings.get(0);
        double settled = readings.stream()
                .filter(reading -> isSame(reading, first))
                .mapToDouble(Reading::likelihood)
                .sum();
        if (settled >= SETTLED_FROM) {
            return Optional.empty();
        }
        return readings.stream()
                .filter(reading -> !isSame(reading, first))
                .findFirst()
                .map(other -> question(first, other, metres));
    }

    private static boolean isSame(Reading a, Reading b) {
        return Math.abs(Math.log(a.tex().value() / b.tex().value())) <= SAME_WITHIN;
    }

    private static String question(Reading first, Reading other, OptionalDouble metres) {
        double length = metres.orElse(200);
        String weights = String.format(
                Locale.ROOT,
                "%s m of it weigh %s g if it is %s (%s), %s g if it is %s (%s).",
                Shown.tenths(length),
                Shown.tenths(first.tex().value() * length / 1000),
                first.tex(),
                first.numbering().words(),
                Shown.tenths(other.tex().value() * length / 1000),
                other.tex(),
                other.numbering().words());
        return metres.isPresent()
                ? "What does the thread weigh without its spool? " + weights
                : "How many metres are on the spool, and what do they weigh? " + weights;
    }

    private static BadInput unreadable(OptionalDouble metres, OptionalDouble grams) {
        String rest = metres.isPresent()
                ? "Add what the thread weighs without its spool."
                : grams.isPresent() ? "Add how many metres are on the spool." : "Or send metres and grams.";
        return new BadInput(
                "text",
                "No fineness can be read in that. Type the number with its word, such as tex 25, Tkt 120 or 40 wt. "
                        + rest);
    }
}
