package belonax.match;

import belonax.cloth.WeightClass;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.machine.NeedleTravel;
import belonax.machine.Plate;
import belonax.needle.Needle;

/**
 * The stitch to start with, by purpose, by the heaviest carrying cloth, and as wide as plate and foot let the needle swing.
 * Source: docs/craft.md, "Stitch, foot and dial by purpose".
 *
 * @param lengthMm in millimetres
 * @param widthMm in millimetres, 0 for a straight stitch
 * @param note what to mind, in one or two sentences
 */
public record StitchAdvice(Kind kind, double lengthMm, double widthMm, String note) {

    /** How the stitch is made. */
    public enum Kind {
        STRAIGHT("straight stitch"),
        ZIGZAG("zigzag"),
        BLIND("blind stitch"),
        STRETCH("stretch stitch"),
        BUTTONHOLE("buttonhole"),
        PATTERN("pattern stitch"),
        OVERLOCK("overlock stitch"),
        COVER("cover stitch"),
        /** Feed dogs down or a hoop: hands or pattern make the length. */
        FREE("free stitches");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** In hide and film close holes tear like a stamp. */
    static final double MIN_IN_HIDE_MM = 3.5;

    private static final double MIN_WHERE_HOLES_STAY_MM = 3;
    private static final double MIN_IN_COATING_MM = 2.5;
    private static final double ON_PAPER_MM = 1.5;

    static StitchAdvice of(Job job, Needle needle, boolean twin) {
        return wished(job, twin).clearing(job, needle);
    }

    /** Returns the stitch that a job wants of a single needle, before it is held against plate and foot. */
    public static StitchAdvice wishedFor(Job job) {
        return wished(job, false);
    }

    private static StitchAdvice wished(Job job, boolean twin) {
        StitchAdvice wished = StitchTable.of(job, twin);
        double asked = job.stitchWidthMm();
        return asked > 0 && job.plate() == Plate.ZIGZAG
                ? new StitchAdvice(swinging(wished.kind()), wished.lengthMm(), asked, wished.note())
                : wished;
    }

    /** Returns the length of a plain seam in this cloth, in millimetres. */
    static double seamLength(Job job) {
        if (job.hasPaper()) {
            return ON_PAPER_MM;
        }
        return longEnough(job, job.isHide() || job.isFilm() ? MIN_IN_HIDE_MM : byWeight(job));
    }

    /** Returns a length, or the least that hide, film and cloth that keeps its holes allow. */
    static double longEnough(Job job, double lengthMm) {
        if (job.hasPaper() || lengthMm <= 1) {
            return lengthMm;
        }
        double perforated = job.isHide() || job.isFilm()
                ? MIN_IN_HIDE_MM
                : job.keepsHoles() ? MIN_WHERE_HOLES_STAY_MM : job.isCoated() ? MIN_IN_COATING_MM : 0;
        return Math.max(Math.max(perforated, forThread(job)), lengthMm);
    }

    /** A thick thread fills a short stitch: 3 mm from tex 60, 3.5 from tex 80, 4 from tex 90. */
    private static double forThread(Job job) {
        double tex = job.thread().totalTex();
        return tex >= 90 ? 4 : tex >= 78 ? 3.5 : tex >= 58 ? 3 : 0;
    }

    private static double byWeight(Job job) {
        if (job.isKnit() && job.stretchPercent() >= StitchTable.GIVES_PERCENT) {
            return 2.5;
        }
        double gsm = job.stack().heaviest().weightGsm();
        return switch (WeightClass.of(gsm)) {
            case SHEER -> 1.8;
            case LIGHT -> 2;
            case MEDIUM -> 2.5;
            case HEAVY -> 3;
            case VERY_HEAVY -> gsm > 600 ? 4 : 3.5;
        };
    }

    /** Narrows a stitch that swings to what plate and foot let through, or sets it straight over a round hole. */
    private StitchAdvice clearing(Job job, Needle needle) {
        if (widthMm == 0 || kind == Kind.OVERLOCK || kind == Kind.COVER) {
            return this;
        }
        if (job.plate() == Plate.STRAIGHT) {
            boolean straightServes = job.gainsBySwinging() || job.stitchWidthMm() > 0;
            return straightServes
                    ? new StitchAdvice(
                            Kind.STRAIGHT,
                            lengthMm,
                            0,
                            "The round hole of plate or foot leaves a straight stitch only, and it gives less: stretch the seam"
                                    + " lightly as it passes.")
                    : this;
        }
        if (job.slotMm().isEmpty()) {
            return this;
        }
        double body = needle.point().isWinged() ? 3 : needle.size().bladeMm();
        double room =
                NeedleTravel.widestStitchMm(job.slotMm().getAsDouble(), needle.spacingMm(), body, job.offCentreMm());
        double clears = Math.floor(Math.max(0, room) * 10 + 1e-6) / 10;
        if (clears >= widthMm) {
            return widest(job, clears);
        }
        return clears >= job.leastSwingMm() && clears > 0
                ? new StitchAdvice(kind, lengthMm, clears, note)
                : job.gainsBySwinging() ? new StitchAdvice(Kind.STRAIGHT, lengthMm, 0, note) : this;
    }

    /** Openwork and decorative stitches gain by width: as wide as clears. */
    private StitchAdvice widest(Job job, double clears) {
        boolean gains = job.purpose() == Purpose.OPENWORK || job.purpose() == Purpose.DECORATIVE;
        return gains && job.stitchWidthMm() == 0
                ? new StitchAdvice(kind, lengthMm, Math.min(clears, StitchTable.WIDEST_PATTERN_MM), note)
                : this;
    }

    private static Kind swinging(Kind kind) {
        return switch (kind) {
            case STRAIGHT, FREE -> Kind.ZIGZAG;
            default -> kind;
        };
    }
}
