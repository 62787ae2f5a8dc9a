package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.hazard.Verdict;

/**
 * Tells the needles that are made for a job from those that merely do no harm in it: a sewist hears “good” of the first, and
 * that the others do as well. Source: docs/craft.md, "Needle types".
 */
final class Aptness {
    private Aptness() {}

    /** Tells whether a type is made for such a job, or merely does no harm in it. */
    static boolean isMadeFor(Job job, Recommendation candidate) {
        if (candidate.verdict() != Verdict.GOOD) {
            return false;
        }
        return switch (candidate.needle().type().work()) {
            case ORDINARY_CLOTH -> !job.wantsStiffBlade();
            case KNITS -> job.isKnit() || job.isOverRubber();
            case FINE_LINES ->
                job.isDelicate()
                        || job.isCoated()
                        || job.isFilm()
                        || job.isTight() && !job.wantsStiffBlade()
                        || job.purpose() == Purpose.TOPSTITCH
                        || job.purpose() == Purpose.PIECING;
            case HEAVY_CLOTH -> job.wantsStiffBlade();
            case BATTING -> job.hasBatting() || job.purpose() == Purpose.QUILTING;
            case DENSE_STITCHING, METALLIC_THREAD ->
                job.isMadeForThisWork(candidate.needle().type());
            case THICK_THREAD ->
                job.hasThickThread()
                        || job.thread().isMetallic()
                        || job.thread().isAged();
            case HIDES -> job.isHide();
            case OPENWORK -> job.purpose() == Purpose.OPENWORK;
            case PARALLEL_LINES -> true;
            case EASY_THREADING -> false;
        };
    }
}
