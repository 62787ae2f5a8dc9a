package belonax.match;

import belonax.BadInput;
import belonax.Shown;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Limits;
import belonax.hazard.Purpose;
import belonax.hazard.SizeWindow;
import belonax.hazard.ThreadWindow;
import belonax.hazard.Verdict;
import belonax.needle.Eye;
import belonax.needle.Needle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds out whether cloth and thread leave any size to a standard eye, and what would help if they do not. Openwork has no
 * such conflict: a wing needle follows its opening, not the cloth's weight.
 */
final class ConflictFinder {
    private static final double STANDARD_EYE = Eye.STANDARD.widthShare();

    private ConflictFinder() {}

    /** @param judged the needles that may be taken, best first */
    static Optional<Conflict> find(Job job, List<Recommendation> judged) {
        if (job.purpose() == Purpose.OPENWORK || !job.windowsMissEachOther(STANDARD_EYE)) {
            return Optional.empty();
        }
        boolean threadTooThick = isThreadTooThick(job);
        List<String> ways = new ArrayList<>();
        biggerEye(job, judged).ifPresent(ways::add);
        otherThread(job, threadTooThick).ifPresent(ways::add);
        otherLayers(job, threadTooThick).ifPresent(ways::add);
        return Optional.of(new Conflict(why(job, threadTooThick), ways));
    }

    private static boolean isThreadTooThick(Job job) {
        return job.threadWindow(STANDARD_EYE).tightestNm()
                > job.clothWindow().sizes().max().nm();
    }

    private static String why(Job job, boolean threadTooThick) {
        SizeWindow cloth = job.clothWindow().sizes();
        ThreadWindow thread = job.threadWindow(STANDARD_EYE);
        String tex = job.thread().words();
        String asks = threadTooThick
                ? tex + " wants a blade of at least " + Math.round(thread.minNm()) + ", but the cloth asks for " + cloth
                        + "."
                : tex + " fills the hole of a blade up to " + Math.round(thread.maxNm()) + ", but the cloth asks for "
                        + cloth + ".";
        return Shown.capital(asks)
                + (threadTooThick
                        ? " Thread first, the cloth gives way and keeps bigger holes; cloth first, the thread frays."
                        : " Thread first, the needle bends in the cloth; cloth first, the loop goes slack and skips.");
    }

    /** The best needle with a bigger eye, where it passes in a size that the cloth allows. */
    private static Optional<String> biggerEye(Job job, List<Recommendation> judged) {
        return judged.stream()
                .filter(candidate -> candidate.verdict() != Verdict.AVOID && fits(candidate.needle(), job))
                .findFirst()
                .map(candidate -> "Take the " + candidate.needle().words()
                        + ": its eye is wide enough for this thread in a size that the cloth allows.");
    }

    private static boolean fits(Needle needle, Job job) {
        double eye = needle.point().eye().widthShare();
        ThreadWindow window = job.threadWindow(eye);
        int nm = needle.size().nm();
        return eye > STANDARD_EYE
                && job.isMadeForThisWork(needle.point())
                && job.clothWindow().sizes().contains(needle.size())
                && nm >= window.tightestNm()
                && nm <= window.maxNm();
    }

    /** The tex that would fit: the thickest that goes through the cloth's largest size, or the finest that fills its smallest. */
    private static Optional<String> otherThread(Job job, boolean threadTooThick) {
        SizeWindow cloth = job.clothWindow().sizes();
        if (threadTooThick) {
            double diameterMm = cloth.max().bladeMm() * STANDARD_EYE / ThreadWindow.COMFORT;
            long tex = (long) Math.floor(job.thread().texAtDiameter(diameterMm));
            return Optional.of("Take a finer thread: up to tex " + tex + " fits "
                    + cloth.max().withArticle() + ". A heavy thread can still be shown: " + Limits.shownInstead(job));
        }
        double diameterMm = ThreadWindow.diameterFillingMm(job.thread(), cloth.min());
        long tex = (long) Math.ceil(job.thread().texAtDiameter(diameterMm));
        return Optional.of(
                "Take a thicker thread: from tex " + tex + " up it fills the hole of a " + cloth.min() + ".");
    }

    private static Optional<String> otherLayers(Job job, boolean threadTooThick) {
        return threadTooThick ? moreLayers(job) : fewerLayers(job);
    }

    private static Optional<String> fewerLayers(Job job) {
        for (int layers = mainLayers(job) - 1; layers >= 1; layers--) {
            if (resolves(job, layers)) {
                return Optional.of("Sew fewer layers at once: with " + layers + " of "
                        + job.stack().main().name() + " the windows meet.");
            }
        }
        return Optional.empty();
    }

    private static Optional<String> moreLayers(Job job) {
        int most = Math.min(4, mainLayers(job) + 2);
        for (int layers = mainLayers(job) + 1; layers <= most; layers++) {
            if (resolves(job, layers)) {
                return Optional.of("Give it more to hold: with " + layers
                        + " layers, or a stabiliser of that weight, the" + " windows meet.");
            }
        }
        return Optional.empty();
    }

    private static boolean resolves(Job job, int mainLayers) {
        try {
            Stack stack = job.stack().withMainLayers(mainLayers);
            return !Job.sewing(stack, job.thread())
                    .purpose(job.purpose())
                    .build()
                    .windowsMissEachOther(STANDARD_EYE);
        } catch (BadInput tooMany) {
            return false;
        }
    }

    private static int mainLayers(Job job) {
        return job.stack().all().get(0).count();
    }
}
