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
    static boolean isMadeFor(Job job, Recommendation it) {
        if (it.verdict() != Verdict.GOOD) {
            return false;
        }
        return switch (it.needle().type()) {
            case UNIVERSAL -> !job.wantsStiffBlade();
            case JERSEY, STRETCH -> job.isKnit() || job.isOverRubber();
            case SHARP ->
                job.isDelicate()
                        || job.isCoated()
                        || job.isFilm()
                        || job.isTight() && !job.wantsStiffBlade()
                        || job.purpose() == Purpose.TOPSTITCH
                        || job.purpose() == Purpose.PIECING;
            case JEANS -> job.wantsStiffBlade();
            case QUILTING -> job.hasBatting() || job.purpose() == Purpose.QUILTING;
            case EMBROIDERY -> job.purpose().isDense();
            case METALLIC -> job.thread().isMetallic() || job.thread().isMonofilament();
            case TOPSTITCH ->
                job.hasThickThread()
                        || job.thread().isMetallic()
                        || job.thread().isAged();
            case LEATHER -> job.isHide();
            case WING -> job.purpose() == Purpose.OPENWORK;
            case TWIN, TRIPLE -> true;
            case SELF_THREADING -> false;
        };
    }
}
