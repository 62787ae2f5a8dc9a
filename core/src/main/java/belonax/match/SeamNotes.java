package belonax.match;

import belonax.cloth.WeightClass;
import belonax.hazard.Job;

/** What to mind in a straight seam, in one sentence. */
final class SeamNotes {
    private SeamNotes() {}

    static String of(Job job, boolean twin, boolean gives) {
        if (job.hasPaper()) {
            return "Short, so that the paper tears off without pulling the stitches.";
        }
        if (job.isHide()) {
            return "No back-stitching: tie the ends, because close holes tear like a stamp.";
        }
        if (job.keepsHoles()) {
            return "Keep it long and do not back-stitch: close holes tear like a stamp, and every hole stays.";
        }
        if (twin) {
            return "Straight, or as narrow as clears: turn the wheel by hand through one full pattern.";
        }
        if (gives) {
            return "The seam has to give with the cloth: hold it lightly taut as it passes, or use a stretch stitch.";
        }
        WeightClass weight = WeightClass.of(job.stack().heaviest().weightGsm());
        return switch (weight) {
            case SHEER, LIGHT -> "Fine cloth wants a short stitch, so that it is not drawn up.";
            case MEDIUM -> "An ordinary length.";
            case HEAVY, VERY_HEAVY -> "Thick cloth wants a longer stitch, or the lock has no room.";
        };
    }
}
