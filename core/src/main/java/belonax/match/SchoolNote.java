package belonax.match;

import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.MachineKind;
import belonax.needle.Eye;
import belonax.needle.NeedleSystem;
import belonax.needle.Work;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * On what sewists differ for this very job, with ours and why, in one line that never contradicts the answer it stands under.
 * Source: docs/craft.md, "Needle types" and "Size from thread and cloth".
 */
final class SchoolNote {
    private static final double DENIM_FROM_GSM = 200;

    private SchoolNote() {}

    /** Returns the note; none where no needle will do, for then there is nothing to differ on. */
    static Optional<String> of(MatchRequest request, Recommendation best) {
        Job job = request.job();
        if (job.limits().forbidAll()) {
            return Optional.empty();
        }
        return Stream.of(
                        onChosenSize(job),
                        onOverlocker(job, best),
                        onDenseWork(job, best),
                        onPiecing(job, best),
                        onKnits(job, best),
                        onHides(job, best),
                        onDenim(job, best),
                        onSize(job))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private static Optional<String> onOverlocker(Job job, Recommendation best) {
        boolean loopers = job.machineKind().filter(MachineKind::hasLoopers).isPresent();
        if (!loopers) {
            return Optional.empty();
        }
        return Optional.of(
                "Overlockers: only the system that the manual names, say some; any flat home needle of the same length,"
                        + " say others. We go by the machine's own list, here "
                        + best.needle().system().label()
                        + (job.systems().contains(NeedleSystem.H_130_705)
                                ? "."
                                : "; you may add 130/705 H to it after reading the manual."));
    }

    private static Optional<String> onDenseWork(Job job, Recommendation best) {
        boolean madeForIt = best.needle().type().work() == Work.DENSE_STITCHING;
        if (job.purpose() == Purpose.EMBROIDERY && madeForIt) {
            return Optional.of(
                    "Machine embroidery: 75/11, as many machine makers advise; 90/14, because tex 25 frays in a 75. "
                            + (best.needle().size().nm() <= 75
                                    ? "We start at 75/11, which keeps dense stitching fine, and go to 90/14 at the first fraying."
                                    : "We say " + best.needle().size()
                                            + " here, because thread and cloth ask for it."));
        }
        if (!job.purpose().isByHand()) {
            return Optional.empty();
        }
        return Optional.of(
                "Free work: 60 or 70 so that no hole shows; a 70 is far too thin and bends; 90 for thread that is meant"
                        + " to be seen; 100 and more through stitched build-up. We go by thread and stack as everywhere, here "
                        + best.needle().size() + ", and never under 75/11, because the hands load the blade sideways.");
    }

    private static Optional<String> onPiecing(Job job, Recommendation best) {
        if (job.purpose() != Purpose.PIECING) {
            return Optional.empty();
        }
        String ours = switch (best.needle().type().work()) {
            case ORDINARY_CLOTH -> "We take the universal, which spares the yarns, with the sharp beside it.";
            case FINE_LINES -> "Here we take the sharp, because this cloth is better pierced than parted.";
            default -> "Here the cloth decides before the line does.";
        };
        return Optional.of(
                "Piecing: universal 70 to 80, say some; a fine sharp 70 to 80 for the straighter line, say others. "
                        + ours);
    }

    private static Optional<String> onKnits(Job job, Recommendation best) {
        boolean roundPoint = best.needle().point().isBallPoint();
        if (!job.isKnit() || job.isHide() || !roundPoint) {
            return Optional.empty();
        }
        String schools = "Universal needles in knits: never, say some; try it first, say others. ";
        boolean beyond = job.stretchPercent() > (job.isTight() ? 30 : 40);
        return Optional.of(schools
                + (beyond
                        ? "We rule it out here, because a knit that gives " + Math.round(job.stretchPercent())
                                + " % closes on its small loop."
                        : "We take the rounded point, which starts no hole; a universal can pass on a knit this stable, so test it"
                                + " first."));
    }

    private static Optional<String> onHides(Job job, Recommendation best) {
        boolean synthetic = !job.isHide() && !job.isKnit() && isImitationLeather(job);
        if (job.isHide() && !job.isKnit() && best.needle().type().isCutting()) {
            return Optional.of(
                    "Hides: a cutting point on real and imitation leather alike, say some; on true hides only, say"
                            + " others. We cut true hides only: a coated cloth tears where it is cut.");
        }
        return synthetic && !best.needle().type().isCutting()
                ? Optional.of(
                        "Imitation leather: a cutting point as for a hide, say some; a sharp or jeans point, say others. It is a"
                                + " coated cloth and tears where it is cut, so we take the "
                                + best.needle().type().words() + ".")
                : Optional.empty();
    }

    private static boolean isImitationLeather(Job job) {
        return job.stack()
                .carries(cloth -> cloth.structure() != Structure.HIDE
                        && cloth.has(Trait.PERMANENT_HOLES)
                        && cloth.name().toLowerCase(Locale.ROOT).contains("leather"));
    }

    private static Optional<String> onDenim(Job job, Recommendation best) {
        boolean sizesMeet = !job.windowsMissEachOther(best.needle());
        boolean denimOrCanvas = job.stack()
                .carries(cloth -> cloth.structure() == Structure.WOVEN
                        && cloth.density() == Density.TIGHT
                        && !cloth.has(Trait.COATED)
                        && cloth.make() != Make.WEBBING
                        && cloth.weightGsm() >= DENIM_FROM_GSM);
        if (!best.needle().type().isStrong() || !denimOrCanvas || !sizesMeet) {
            return Optional.empty();
        }
        return Optional.of(
                "Denim and canvas: an extra sharp point, say some; a slightly rounded one, say others; and 90 for all of it,"
                        + " or 100. We take a jeans needle either way, since the blade matters more, here "
                        + best.needle().size() + " by weight and layers.");
    }

    /** Whoever chose a school of sizes sees first that it was heeded. */
    private static Optional<String> onChosenSize(Job job) {
        return job.school() == SizeSchool.INTERSECT ? Optional.empty() : onSize(job);
    }

    private static Optional<String> onSize(Job job) {
        boolean disagree = job.windowsMissEachOther(Eye.STANDARD.widthShare());
        if (job.school() == SizeSchool.INTERSECT && !disagree) {
            return Optional.empty();
        }
        String ours = switch (job.school()) {
            case INTERSECT -> "We look where both meet, because a needle that fails either one shows it in the seam.";
            case THREAD_FIRST -> "Ranked thread first, as you chose; ours counts both alike.";
            case CLOTH_FIRST -> "Ranked cloth first, as you chose; ours counts both alike.";
        };
        return Optional.of(
                "What rules the size: the thread, say some; the cloth, say others; the cloth with the thread for"
                        + " exceptions, say more. " + ours);
    }
}
