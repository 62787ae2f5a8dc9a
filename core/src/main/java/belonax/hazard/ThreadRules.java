package belonax.hazard;

import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SHRED;
import static belonax.hazard.Hazard.SKIP;

import belonax.thread.Build;
import belonax.thread.Quality;
import java.util.List;

/** What the thread brings with it, whatever the needle. Source: docs/craft.md, "Thread". */
final class ThreadRules {
    private ThreadRules() {}

    static final List<Factor> ALL = List.of(
            moves(
                            SHRED,
                            job -> Math.min(
                                    2.2, 0.4 + 0.12 * (job.thread().ageYears().orElse(0) - 5)))
                    .when(job -> job.thread().ageYears().orElse(0) > 5)
                    .of(Part.THREAD)
                    .because(job ->
                            "Thread " + Math.round(job.thread().ageYears().orElse(0))
                                    + " years old may be brittle: pull 20 cm sharply; a good one cuts into the finger, a dead one"
                                    + " parts at once."),
            raises(SHRED, 1.2)
                    .when(job -> job.thread().keptInSun())
                    .of(Part.THREAD)
                    .because("Sunlight weakens thread from the outside in: snap-test it first."),
            raises(SHRED, 0.7)
                    .when(job -> job.thread().quality() == Quality.CHEAP)
                    .of(Part.THREAD)
                    .because("Cheap thread varies in thickness and sheds lint that clogs the discs."),
            raises(SHRED, 0.4)
                    .when(job -> job.thread().quality() == Quality.UNKNOWN)
                    .of(Part.THREAD)
                    .because("A thread that nobody can name may be old or cheap: snap-test it first."),
            moves(
                            SHRED,
                            (job, needle) -> 0.12
                                    * Math.max(0, 80 - needle.needle().size().nm()))
                    .when(job -> job.thread().isMetallic())
                    .of(Part.THREAD)
                    .because("Metallic thread wants an 80 or a 90: a finer blade's eye and groove strip it."),
            raises(SHRED, 1.8)
                    .when(job -> job.thread().isMetallic())
                    .of(Part.THREAD)
                    .because("Metallic thread breaks and shreds: sew slowly, with a light pull."),
            raises(SHRED, 0.3)
                    .when(job -> job.thread().isRayon())
                    .of(Part.THREAD)
                    .because("Rayon is bright but soft: at speed it frays before polyester does."),
            raises(SHRED, 0.9)
                    .when(job -> job.thread().isRayon() && job.purpose().isWorn())
                    .of(Part.THREAD)
                    .because(
                            "Rayon is weak when it is wet, so a seam that is worn and washed gives way: take polyester."),
            raises(SKIP, 0.4)
                    .when(job -> job.thread().isMonofilament())
                    .of(Part.THREAD)
                    .because("Monofilament springs and curls: give it a light pull and its own way off the spool."),
            raises(SHRED, 0.4)
                    .when(job -> job.thread().isMonofilament())
                    .of(Part.THREAD)
                    .because(
                            "Monofilament is weaker than spun thread of its thickness, and a nick goes right through it."),
            raises(PUCKER, 0.5)
                    .when(job -> job.thread().isMonofilament())
                    .of(Part.THREAD)
                    .because("Monofilament stretches as it is sewn and draws the seam up afterwards."),
            raises(SKIP, 0.9)
                    .when(job -> job.thread().build() == Build.TEXTURED)
                    .of(Part.THREAD)
                    .because("Textured thread is for loopers and bobbins; in a needle it snags in the eye."),
            raises(SHRED, 1.3)
                    .when(job -> job.thread().build() == Build.WAXED)
                    .of(Part.THREAD)
                    .atBest(Verdict.CAN_PASS)
                    .because("Wax-coated thread is for hand sewing: its wax stays in the discs, and a technician has to"
                            + " clean them."),
            raises(SHRED, 1.2)
                    .when(Job::popsInWear)
                    .of(Part.THREAD)
                    .atBest(Verdict.CAN_PASS)
                    .because(job -> "A cloth that gives wants a thread that gives: "
                            + (job.thread().isMetallic() ? "metallic thread" : "cotton")
                            + " snaps in the seam, polyester does not."),
            raises(SHRED, 0.6)
                    .when(job -> !job.popsInWear()
                            && job.stretchPercent() >= 8
                            && !job.thread().gives())
                    .of(Part.THREAD)
                    .because(job -> "A cloth that gives wants a thread that gives: "
                            + (job.thread().isMetallic() ? "metallic thread" : "cotton")
                            + " has none, polyester has."),
            raises(SHRED, 0.9)
                    .when(job -> job.purpose() == Purpose.EMBROIDERY)
                    .of(Part.THREAD)
                    .because("Embroidery runs fast and crosses itself, and every crossing rubs the thread."),
            moves(SHRED, (job, needle) -> job.spoolNote().names(needle.needle()) ? -0.4 : 0)
                    .when(job -> !job.spoolNote().isEmpty())
                    .of(Part.THREAD)
                    .because("The spool itself names this needle for its thread."),
            moves(PUCKER, (job, needle) -> job.spoolNote().names(needle.needle()) ? -0.2 : 0)
                    .when(job -> !job.spoolNote().isEmpty())
                    .of(Part.THREAD)
                    .because("With the needle that the spool names, this thread lies as it was made to."));
}
