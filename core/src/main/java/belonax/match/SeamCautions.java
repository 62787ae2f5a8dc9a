package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.needle.Needle;
import belonax.thread.Fibre;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What to heed while this very seam is sewn, whatever page it is told on: what the wash does to it, ends that are tied, holes
 * that stay, a wing needle's thread. Source: docs/craft.md, "Thread" and "Needle types".
 */
public final class SeamCautions {
    private SeamCautions() {}

    /** Returns the cautions, whole sentences; empty for an ordinary seam. */
    public static List<String> of(Job job, Needle needle) {
        return Stream.of(ofFibre(job), ofRayon(job), ofSpecialThread(job), ofHoles(job), ofWing(needle))
                .flatMap(List::stream)
                .toList();
    }

    static List<String> ofFibre(Job job) {
        if (job.thread().fibre() != Fibre.COTTON) {
            return List.of();
        }
        if (job.popsInWear()) {
            return List.of("Cotton thread does not give with this cloth, and the seam will pop: take polyester.");
        }
        if (!isWashed(job) || job.purpose() == Purpose.BASTE) {
            return List.of();
        }
        return List.of(
                job.isWashed()
                        ? "This cloth was washed before cutting and shrinks no more, but cotton thread still does, and can draw"
                                + " the seam up at the first wash: take polyester where that would show."
                        : "A cotton seam can draw up at the first wash: cloth can be shrunk beforehand, thread cannot.");
    }

    static List<String> ofRayon(Job job) {
        return job.thread().isRayon() && job.purpose().isWorn()
                ? List.of(
                        "Rayon is not for a seam that is worn: it is weak when it is wet, and the seam opens in the wash. Keep it for"
                                + " embroidery, and sew this with polyester.")
                : List.of();
    }

    static List<String> ofSpecialThread(Job job) {
        List<String> all = new ArrayList<>();
        if (job.thread().isMetallic()) {
            all.add("Metallic thread: sew slowly, with a light pull, and let it come off its spool without a twist.");
        }
        if (job.thread().isMonofilament()) {
            all.add(
                    "Monofilament curls and hides the thread path: give it a net and a light pull, and check every guide. It is"
                            + " weaker than spun thread; it is right for lace and beading, and where no thread may show.");
        }
        return all;
    }

    static List<String> ofHoles(Job job) {
        if (job.isHide()) {
            return List.of("Leather: no pins in the seam, no back-stitching, tie the ends.");
        }
        return job.keepsHoles() && !job.hasPaper()
                ? List.of("Every hole stays: clips instead of pins, no back-stitching, tie the ends.")
                : List.of();
    }

    static List<String> ofWing(Needle needle) {
        return needle.type().isWinged()
                ? List.of(
                        "Wing needle: cut the thread by hand, not with the automatic cutter; no needle threader; turn by hand"
                                + " through one full pattern.")
                : List.of();
    }

    private static boolean isWashed(Job job) {
        return !job.isHide() && !job.isFilm() && !(job.isCoated() && job.keepsHoles());
    }
}
