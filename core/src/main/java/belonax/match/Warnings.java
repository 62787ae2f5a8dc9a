package belonax.match;

import belonax.cloth.Structure;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.MotorPower;
import belonax.machine.NeedleTravel;
import belonax.machine.Plate;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.Build;
import belonax.thread.Fibre;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What to heed before the first stitch: cautions, and points on which sewists differ. */
final class Warnings {
    private final List<String> all = new ArrayList<>();

    private Warnings() {}

    static List<String> of(MatchRequest request, List<Recommendation> ranked) {
        Warnings warnings = new Warnings();
        Recommendation best = ranked.get(0);
        warnings.ofMachine(request, best);
        warnings.ofThread(request.job());
        warnings.ofCloth(request.job());
        warnings.ofNeedle(request, best);
        warnings.ofSchools(request.job(), best);
        return warnings.all;
    }

    private void ofMachine(MatchRequest request, Recommendation best) {
        Job job = request.job();
        NeedleSystem system = best.needle().system();
        if (!system.isDomestic()) {
            add(system.label() + " is an industrial system: fit it only because this machine's own list names it.");
        }
        if (job.plate() == Plate.STRAIGHT
                && (job.stitchWidthMm() > 0
                        || job.offCentreMm() > 0
                        || request.twin().isPresent())) {
            add(
                    "A plate or foot with one round hole is on: change to the zigzag plate and a foot with a slot before any"
                            + " width, twin or off-centre needle, or the needle strikes.");
        }
        if (job.power() == MotorPower.LIGHT && job.resistingGsm() >= 700) {
            add("A light machine labours on this: sew slowly, turn the thick places by hand, and stop if the motor hums"
                    + " without turning.");
        }
    }

    private void ofThread(Job job) {
        if (job.thread().build() == Build.WAXED) {
            add(
                    "Wax-coated thread is for hand sewing: its wax stays in the tension discs, and a technician has to clean"
                            + " them.");
        }
        if (job.thread().wantsSnapTest()) {
            add(
                    "Snap-test this thread first: pull 20 cm sharply. A good one cuts into the finger, a dead one parts at once.");
        }
        if (job.thread().fibre() == Fibre.COTTON && job.stretchPercent() >= 8) {
            add("Cotton thread does not give with this cloth, and the seam will pop: take polyester.");
        } else if (job.thread().fibre() == Fibre.COTTON) {
            add("A cotton seam can draw up at the first wash: cloth can be shrunk beforehand, thread cannot.");
        }
        if (job.thread().isMetallic()) {
            add("Metallic thread: sew slowly, with a light pull, and let it come off its spool without a twist.");
        }
        if (job.thread().isMonofilament()) {
            add("Monofilament curls and hides the thread path: give it a net and a light pull, and check every guide.");
        }
    }

    private void ofCloth(Job job) {
        if (job.clothWindow().isBeyondHomeNeedles()) {
            add(
                    "This stack asks for more than a 120/19. The answer is not a bigger needle: flatten the seam, level the foot,"
                            + " turn by hand, or leave it to a stronger machine.");
        }
        if (job.crossingLayers() >= job.stack().layers() + 4
                || job.crossingLayers() >= 3 * job.stack().layers()) {
            add("At the crossing of " + job.crossingLayers()
                    + " layers: flatten it, level the foot, turn the wheel by hand, and keep your face away.");
        }
        if (job.isHide()) {
            add("Leather: no pins in the seam, no back-stitching, tie the ends.");
        }
        if (job.purpose().isDense() && !job.stack().has(Structure.NONWOVEN)) {
            add("Dense stitching wants a stabiliser under the cloth; 80 g/m² of it is counted in.");
        }
    }

    private void ofNeedle(MatchRequest request, Recommendation best) {
        Job job = request.job();
        if (best.needle().type() == NeedleType.WING) {
            add("Wing needle: cut the thread by hand, not with the automatic cutter; no needle threader; turn by hand"
                    + " through one full pattern.");
        }
        if (request.twin().isPresent()) {
            add(
                    "Several needles: a second spool that turns the other way or stands apart; never for buttonholes, eyelets or"
                            + " darning; turn the wheel by hand through one full pattern.");
            double roomMm = NeedleTravel.neededMm(
                    job.stitchWidthMm(),
                    best.needle().spacingMm(),
                    best.needle().size().bladeMm(),
                    job.offCentreMm());
            add(String.format(
                    Locale.ROOT,
                    "Plate and foot need a slot of at least %.1f mm for this needle and stitch; measure yours.",
                    roomMm));
        }
    }

    private void ofSchools(Job job, Recommendation best) {
        if (job.purpose() == Purpose.EMBROIDERY && best.needle().type() == NeedleType.EMBROIDERY) {
            add("Some say 75/11, some 90/14 because 40 wt frays in a 75. We start at 75/11 and go to 90/14 at the first"
                    + " fraying.");
        }
        if (job.school() != SizeSchool.INTERSECT) {
            add(
                    job.school() == SizeSchool.THREAD_FIRST
                            ? "Ranked thread first, as you chose; by default both windows count alike."
                            : "Ranked cloth first, as you chose; by default both windows count alike.");
        }
    }

    private void add(String sentence) {
        all.add(sentence);
    }
}
