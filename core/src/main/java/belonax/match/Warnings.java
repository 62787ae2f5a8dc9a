package belonax.match;

import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Job;
import belonax.hazard.Limits;
import belonax.hazard.Purpose;
import belonax.machine.NeedleTravel;
import belonax.needle.Needle;
import belonax.needle.NeedleSystem;
import belonax.thread.Build;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What to heed before the first stitch: cautions, and points on which sewists differ. */
final class Warnings {
    /** From this share of what the motor pierces on, a needle that gives way flies. */
    private static final double MIND_THE_EYES_FROM = 0.5;

    private final List<String> all = new ArrayList<>();
    private final Match match;
    private final Job job;
    private final Needle best;

    private Warnings(Match match) {
        this.match = match;
        this.job = match.job();
        this.best = match.best().needle();
    }

    static List<String> of(Match match) {
        Warnings warnings = new Warnings(match);
        warnings.ofEyes();
        warnings.ofMachine();
        warnings.ofThread();
        warnings.ofCloth();
        warnings.ofNeedle();
        return warnings.all;
    }

    private void ofEyes() {
        boolean hard = Limits.seamLoad(job) > MIND_THE_EYES_FROM
                || job.isHide()
                || job.stack().has(Trait.TEETH)
                || job.stack().any(cloth -> cloth.make() == Make.WEBBING);
        if (hard) {
            add(
                    "Mind your eyes: glasses on and face away from the needle; a needle that meets something hard flies in pieces.");
        }
    }

    private void ofMachine() {
        NeedleSystem system = best.system();
        if (!system.isDomestic()) {
            add(system.label() + " is an industrial system: fit it only because this machine's own list names it.");
        }
        FootAdvice foot = match.foot();
        if (foot.lacking()) {
            add("Among this machine's feet is no " + foot.kind().words()
                    + foot.nextBest()
                            .map(footKind -> ": the " + footKind.words() + " comes nearest.")
                            .orElse(": look for one of its own shank height."));
        }
    }

    private void ofThread() {
        if (job.thread().build() == Build.WAXED) {
            add(
                    "Wax-coated thread is for hand sewing: its wax stays in the tension discs, and a technician has to clean"
                            + " them.");
        }
        if (job.thread().wantsSnapTest()) {
            add(
                    "Snap-test this thread first: pull 20 cm sharply. A good one cuts into the finger, a dead one parts at once.");
        }
        all.addAll(SeamCautions.ofFibre(job));
        all.addAll(SeamCautions.ofRayon(job));
        all.addAll(SeamCautions.ofSpecialThread(job));
    }

    private void ofCloth() {
        if (job.clothWindow().isBeyondHomeNeedles()) {
            add(
                    "This stack asks for more than a 120/19. The answer is not a bigger needle: flatten the seam, level the foot,"
                            + " turn by hand, or leave it to a stronger machine.");
        }
        if (job.hasCrossing()) {
            add("At the crossing of " + job.crossingLayers()
                    + " layers: flatten it, level the foot, turn the wheel by hand, and keep your face away.");
        }
        all.addAll(SeamCautions.ofHoles(job));
        boolean wantsStabiliser =
                job.purpose().isDense() || job.purpose() == Purpose.BUTTONHOLE && !job.isHide() && !job.isFilm();
        boolean hasOne =
                job.stack().helping().stream().anyMatch(layers -> layers.cloth().structure() == Structure.NONWOVEN);
        if (wantsStabiliser && !hasOne) {
            add(
                    job.purpose().isDense()
                            ? "Dense stitching wants a stabiliser under the cloth; 80 g/m² of it is counted in."
                            : "A buttonhole wants a stabiliser under it.");
        }
        if (job.stack().any(cloth -> cloth.isWholeStack())) {
            add("A ready batting sandwich is a whole stack by itself: one layer of it is cotton, batting and cotton.");
        }
    }

    private void ofNeedle() {
        all.addAll(SeamCautions.ofWing(best));
        if (best.type().isMultiple()) {
            add(
                    "Several needles: "
                            + (best.count() == 2 ? "a second spool that turns" : "a second and a third spool that turn")
                            + " the other way or "
                            + (best.count() == 2 ? "stands" : "stand")
                            + " apart; never for buttonholes, eyelets or darning; turn the wheel by hand through one full pattern.");
            ofTravel();
        }
    }

    private void ofTravel() {
        double roomMm = NeedleTravel.neededMm(
                match.stitch().widthMm(), best.spacingMm(), best.size().bladeMm(), job.offCentreMm());
        add(
                job.slotMm().isPresent()
                        ? String.format(
                                Locale.ROOT,
                                "Needle and stitch need %.1f of your %.1f mm between the edges of plate and foot.",
                                roomMm,
                                job.slotMm().getAsDouble())
                        : String.format(
                                Locale.ROOT,
                                "Plate and foot need a slot of at least %.1f mm for this needle and stitch; measure yours.",
                                roomMm));
    }

    private void add(String sentence) {
        all.add(sentence);
    }
}
