package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.thread.Build;
import belonax.thread.Colour;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Which of several spools suits a cloth: by fibre, by thickness, by shade. Source: docs/craft.md, "Thread" and "Colour".
 *
 * @param spool its number in the list that was asked about
 * @param suits whether nothing speaks against it
 * @param why what speaks for it or against it, in a few words
 */
public record SpoolRank(int spool, boolean suits, String why) {
    /** What is said wherever a fibre is chosen. */
    public static final String FIBRES =
            "Fibre, schools: polyester for nearly all work, because it gives, lasts and does not shrink; cotton"
                    + " just as good on cloth without give, and customary at a fine weight for piecing. We take polyester where the cloth"
                    + " gives, either where it does not.";

    /** What is said wherever a shade is chosen. */
    public static final String SHADES =
            "Shade, schools: a shade lighter than the cloth, or a shade darker. Judge a single strand laid on the"
                    + " cloth in daylight; we take a shade lighter on plain cloth, a shade darker on prints and deep colours, and a"
                    + " contrast only for decoration.";

    /** What is said of the bobbin. */
    public static final String BOBBIN =
            "Bobbin: the same colour as above for sewing, because small dots can hardly be avoided; two colours"
                    + " far apart only for testing.";

    private static final double GIVES_FROM_PERCENT = 8;
    private static final double SHEER_GSM = 60;
    private static final double HEAVY_GSM = 240;
    /** From here on a line is seen. */
    private static final double SEEN_TEX = 60;

    private static final double FINEST_SEAM_TEX = 14;
    private static final double AWAY = 0.25;
    private static final double WRONG_WAY = 0.15;

    /** A spool to choose from: its thread and the words for its colour. */
    public record Spool(SewingThread thread, String colour) {}

    /**
     * Puts spools in order, the best first.
     *
     * @param job the work, whatever its thread
     * @param clothName what the cloth is called, where its colour may stand
     */
    public static List<SpoolRank> rank(Job job, String clothName, List<Spool> spools) {
        Optional<Colour> cloth = Colour.in(clothName);
        boolean wantsDarker = isPrint(clothName) || cloth.map(Colour::isDeep).orElse(false);
        List<Ranked> ranked = new ArrayList<>();
        IntStream.range(0, spools.size()).forEach(i -> ranked.add(ranked(i, spools.get(i), job, cloth, wantsDarker)));
        ranked.sort(Comparator.comparingDouble(Ranked::off));
        return ranked.stream().map(Ranked::choice).toList();
    }

    private record Ranked(SpoolRank choice, double off) {}

    private static Ranked ranked(int i, Spool spool, Job job, Optional<Colour> cloth, boolean wantsDarker) {
        Optional<String> against = against(job, spool.thread());
        Optional<Colour> colour = Colour.in(spool.colour());
        boolean isShown = isShown(job.purpose());
        Shade shade = cloth.isPresent() && colour.isPresent() && !isShown
                ? Shade.of(cloth.get(), colour.get(), wantsDarker)
                : Shade.UNKNOWN;
        String words = against.orElseGet(() -> String.join("; ", parts(job, spool.thread(), shade)));
        return new Ranked(
                new SpoolRank(i, against.isEmpty(), words),
                (against.isPresent() ? 2 : madeFor(job, spool.thread()).isPresent() ? -1 : 0) + shade.off());
    }

    /** What is meant to be seen wants a thread that is seen, embroidery one that shines. */
    private static Optional<String> madeFor(Job job, SewingThread thread) {
        if (job.purpose() == Purpose.TOPSTITCH && thread.tex().value() >= SEEN_TEX) {
            return Optional.of("thick, made to be seen");
        }
        return job.purpose() == Purpose.EMBROIDERY && (thread.isRayon() || thread.build() == Build.FILAMENT)
                ? Optional.of("bright, made for it")
                : Optional.empty();
    }

    private static List<String> parts(Job job, SewingThread thread, Shade shade) {
        List<String> parts = new ArrayList<>();
        madeFor(job, thread).ifPresent(parts::add);
        if (job.stretchPercent() >= GIVES_FROM_PERCENT) {
            parts.add("gives with the cloth");
        } else if (job.purpose() == Purpose.PIECING && thread.fibre() == Fibre.COTTON) {
            parts.add("cotton is customary for piecing");
        }
        if (!shade.words().isEmpty()) {
            parts.add(shade.words());
        }
        return parts;
    }

    private static Optional<String> against(Job job, SewingThread thread) {
        double tex = thread.tex().value();
        if (job.stretchPercent() >= GIVES_FROM_PERCENT && thread.fibre() == Fibre.COTTON) {
            return Optional.of("cotton does not give with this cloth: the seam pops");
        }
        if (job.purpose().isWorn() && thread.isRayon()) {
            return Optional.of("rayon is weak when it is wet: for embroidery, not for a seam");
        }
        if (!isShown(job.purpose()) && tex > thickestFor(job.stack().heaviest().weightGsm())) {
            return Optional.of("thick for this cloth: for lines that are seen");
        }
        return job.purpose().isWorn() && tex < FINEST_SEAM_TEX
                ? Optional.of("too fine to hold a seam")
                : Optional.empty();
    }

    /** Returns the thickest thread, in tex, that a seam hides in a cloth of a weight in g/m². */
    private static double thickestFor(double gsm) {
        if (gsm < SHEER_GSM) {
            return 27;
        }
        return gsm < HEAVY_GSM ? 45 : 90;
    }

    private static boolean isShown(Purpose purpose) {
        return purpose == Purpose.TOPSTITCH || purpose == Purpose.DECORATIVE || purpose == Purpose.EMBROIDERY;
    }

    private static boolean isPrint(String clothName) {
        return clothName.toLowerCase(Locale.ROOT).matches(".*(print|pattern|stripe|check|floral|dots).*");
    }

    /** How a spool's colour lies to the cloth's. */
    private record Shade(String words, double off) {
        static final Shade UNKNOWN = new Shade("", 0.5);

        static Shade of(Colour cloth, Colour thread, boolean wantsDarker) {
            double apart = cloth.distance(thread);
            if (apart < 0.03) {
                return new Shade("the cloth's own colour", 0);
            }
            if (apart > AWAY) {
                return new Shade("a contrast", 0.5 + apart);
            }
            boolean darker = thread.lightness() < cloth.lightness();
            return new Shade(
                    darker ? "a shade darker" : "a shade lighter", apart + (darker == wantsDarker ? 0 : WRONG_WAY));
        }
    }
}
