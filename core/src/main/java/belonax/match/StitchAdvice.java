package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.machine.Plate;

/**
 * The stitch to start with. Thick cloth wants 3 to 4 mm, fine cloth 1.8 to 2.2, leather 3.5 or more. Source: docs/craft.md,
 * "Stitch and foot".
 *
 * @param lengthMm in millimetres
 * @param widthMm in millimetres, 0 for a straight stitch
 * @param note what to mind, in one sentence
 */
public record StitchAdvice(Kind kind, double lengthMm, double widthMm, String note) {

    /** Straight, or with some width. */
    public enum Kind {
        STRAIGHT("straight"),
        ZIGZAG("zigzag");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final double KNIT_SEAM_WIDTH_MM = 0.5;

    static StitchAdvice of(Job job, boolean twin) {
        double widthMm = width(job, twin);
        return new StitchAdvice(
                widthMm > 0 ? Kind.ZIGZAG : Kind.STRAIGHT, length(job), widthMm, note(job, widthMm, twin));
    }

    private static double width(Job job, boolean twin) {
        if (job.plate() == Plate.STRAIGHT || job.stitchWidthMm() > 0) {
            return job.plate() == Plate.STRAIGHT ? 0 : job.stitchWidthMm();
        }
        return switch (job.purpose()) {
            case BUTTONHOLE -> 2.0;
            case OPENWORK -> 3.0;
            case SEAM, HEM -> wantsGive(job) && !twin ? KNIT_SEAM_WIDTH_MM : 0;
            default -> 0;
        };
    }

    private static boolean wantsGive(Job job) {
        return job.isKnit() && job.stretchPercent() >= 20;
    }

    private static double length(Job job) {
        return switch (job.purpose()) {
            case BUTTONHOLE -> 0.4;
            case EMBROIDERY -> 0.4;
            case GATHER -> 4.0;
            case TOPSTITCH -> Math.max(3.0, byCloth(job));
            case QUILTING, FREE_MOTION, OPENWORK -> 2.5;
            default -> byCloth(job);
        };
    }

    private static double byCloth(Job job) {
        if (job.isHide() || job.isFilm()) {
            return 3.5;
        }
        if (job.keepsHoles()) {
            return 3.0;
        }
        double gsm = job.resistingGsm();
        double byWeight =
                gsm < 100 ? 1.8 : gsm < 200 ? 2.0 : gsm < 600 ? 2.5 : gsm < 900 ? 3.0 : gsm < 1300 ? 3.5 : 4.0;
        return job.isLofty() && !job.isKnit() ? Math.max(3.0, byWeight) : byWeight;
    }

    private static String note(Job job, double widthMm, boolean twin) {
        if (job.isHide()) {
            return "No back-stitching: tie the ends, because close holes tear like a stamp.";
        }
        if (job.keepsHoles()) {
            return "Keep it long: close holes tear like a stamp, and every hole stays.";
        }
        if (job.purpose() == Purpose.FREE_MOTION) {
            return "Feed dogs down: your hands make the length; aim for an even 2.5 mm.";
        }
        if (job.purpose() == Purpose.OPENWORK) {
            return "Use the widest stitch that clears, so that every opening shows.";
        }
        if (twin) {
            return "Straight, or as narrow as clears: turn the wheel by hand through one full pattern.";
        }
        if (wantsGive(job) && widthMm == 0) {
            return "The seam has to give with the cloth: hold it lightly taut as it passes, or use a stretch stitch.";
        }
        if (widthMm > 0 && widthMm <= 1) {
            return "A little width lets the seam give with the cloth.";
        }
        if (job.resistingGsm() >= 700) {
            return "Thick cloth wants a longer stitch, or the lock has no room.";
        }
        return job.resistingGsm() < 200
                ? "Fine cloth wants a short stitch, so that it is not drawn up."
                : "An ordinary length.";
    }
}
