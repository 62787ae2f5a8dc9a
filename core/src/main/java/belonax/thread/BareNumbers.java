package belonax.thread;

import static belonax.thread.LabelNumbers.N;
import static belonax.thread.LabelNumbers.number;

import belonax.thread.ThreadLabel.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Bare numbers of a label, with every reading that fits. Source: docs/craft.md, "Thread numbering". */
final class BareNumbers {
    private static final double FINEST_SEEN = 8;
    private static final double THICKEST_SEEN = 150;
    private static final Pattern PLIED = Pattern.compile("(?<!\\d)(\\d{1,3})\\s*/\\s*([1-9])(?!\\d)");
    private static final String MARK = "(NO\\.?|NR\\.?|N°|№|#)";
    private static final String BARE_NUMBER = "\\s*" + N + "(?!\\s*[%/\\d])(?!\\s*-?\\s*(?:PLY|PLIES|FACH|CORD))";
    private static final Pattern MARKED = Pattern.compile("(?<![A-Z])" + MARK + BARE_NUMBER);
    private static final Pattern BARE = Pattern.compile("(?<![A-Z\\d.,/-])" + MARK + "?" + BARE_NUMBER);
    /** Words that a thick thread carries. */
    private static final Pattern MEANT_TO_BE_SEEN =
            Pattern.compile("TOP\\s*-?\\s*STITCH|JEANS|BUTTON\\s*-?\\s*HOLE|EXTRA\\s+STRONG|UPHOLSTERY");

    private static final double THICK_TEX = 40;
    private static final double LIKELIER = 6;

    private final LabelWords words;
    private final boolean meantToBeSeen;
    private final List<Reading> readings = new ArrayList<>();
    private final String rest;

    BareNumbers(String rest, LabelWords words) {
        this.rest = rest;
        this.words = words;
        this.meantToBeSeen = MEANT_TO_BE_SEEN.matcher(rest).find();
        readPlied();
        if (readings.isEmpty()) {
            readBare();
        }
    }

    List<Reading> readings() {
        return readings;
    }

    private static Optional<MatchResult> find(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        return matcher.find() ? Optional.of(matcher.toMatchResult()) : Optional.empty();
    }

    private void readPlied() {
        find(PLIED, rest).ifPresent(match -> {
            double yarns = number(match.group(1));
            double plies = number(match.group(2));
            boolean cotton = words.isCotton();
            boolean fine = yarns >= 90 || words.isSilk();
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
        find(MARKED, rest).or(() -> find(BARE, rest)).ifPresent(match -> {
            double number = number(match.group(2));
            double marked = match.group(1) == null || match.group(1).equals("#") ? 1 : 1.4;
            boolean embroidery = words.isForEmbroidery();
            boolean high = number >= 75 && !embroidery;
            boolean middle = number >= 60 && !high && !embroidery;
            offer(
                    ThreadNumbering.TICKET,
                    number,
                    1,
                    embroidery ? 0.05 : marked * (high ? 0.80 : middle ? 0.45 : number >= 30 ? 0.25 : 0.15),
                    "Bare numbers from about 80 up, and a No. before the number, are mostly tickets on home spools.");
            offer(
                    ThreadNumbering.WEIGHT,
                    number,
                    1,
                    embroidery ? 1 : high ? 0.06 : middle ? 0.35 : 0.5,
                    embroidery
                            ? "On embroidery thread the number is the weight."
                            : "Low bare numbers are mostly weights, as on quilting and embroidery spools.");
            offer(
                    ThreadNumbering.TEX,
                    number,
                    1,
                    embroidery || high ? 0.04 : middle ? 0.06 : 0.15,
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
            boolean thick = raw >= THICK_TEX && meantToBeSeen;
            readings.add(new Reading(numbering, new Tex(raw), thick ? likelihood * LIKELIER : likelihood, why));
        }
    }
}
