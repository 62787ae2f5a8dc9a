package belonax.match;

import static belonax.machine.FootKind.BLIND_HEM;
import static belonax.machine.FootKind.BUTTONHOLE;
import static belonax.machine.FootKind.COUCHING;
import static belonax.machine.FootKind.COVER;
import static belonax.machine.FootKind.DARNING;
import static belonax.machine.FootKind.EDGE;
import static belonax.machine.FootKind.GATHERING;
import static belonax.machine.FootKind.NON_STICK;
import static belonax.machine.FootKind.OPEN_TOE;
import static belonax.machine.FootKind.OVERLOCK;
import static belonax.machine.FootKind.PINTUCK;
import static belonax.machine.FootKind.PIPING;
import static belonax.machine.FootKind.QUARTER_INCH;
import static belonax.machine.FootKind.ROLLED_HEM;
import static belonax.machine.FootKind.ROLLER;
import static belonax.machine.FootKind.STANDARD;
import static belonax.machine.FootKind.STRAIGHT;
import static belonax.machine.FootKind.WALKING;
import static belonax.machine.FootKind.ZIPPER;

import belonax.hazard.Job;
import belonax.machine.FootKind;
import java.util.List;
import java.util.Optional;

/**
 * The foot to start with. Too much pressure waves knits and puckers thin cloth; too little lets it slip. Source:
 * docs/craft.md, "Stitch, foot and dial by purpose".
 *
 * @param pressure how hard it presses; none for a foot that hovers
 * @param kind the foot for it
 * @param nextBest what does nearly as well; where the machine's feet are told, one of them
 * @param lacking whether the machine's own feet are told and the right one is not among them
 */
public record FootAdvice(Optional<Pressure> pressure, FootKind kind, Optional<FootKind> nextBest, boolean lacking) {
    private static final int MANY_LAYERS = 6;
    private static final double THIN_GSM = 150;
    private static final int STIFF_LAYERS = 3;

    /** How hard the foot presses. */
    public enum Pressure {
        LIGHT("light"),
        NORMAL("normal"),
        FIRM("firm");

        private final String words;

        Pressure(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static FootAdvice of(Job job) {
        List<FootKind> inOrder = inOrder(job);
        FootKind kind = inOrder.get(0);
        List<FootKind> owned = job.feet().orElse(inOrder);
        Optional<FootKind> next = inOrder.stream()
                .skip(1)
                .filter(owned::contains)
                .findFirst()
                .or(() -> job.feet().flatMap(list -> standIn(job, kind, list)));
        return new FootAdvice(pressure(job), kind, next, !owned.contains(kind));
    }

    /** The standard foot stands in for most, a straight-stitch foot for it where nothing swings; for a darning foot none does. */
    private static Optional<FootKind> standIn(Job job, FootKind kind, List<FootKind> owned) {
        FootKind other = kind == STANDARD ? STRAIGHT : STANDARD;
        boolean serves = kind == STANDARD ? job.leastSwingMm() == 0 : kind != DARNING;
        return serves && owned.contains(other) ? Optional.of(other) : Optional.empty();
    }

    /** Returns the advice in words, such as {@code walking foot, or the standard foot that you have}. */
    public String words() {
        if (!lacking) {
            return kind.words();
        }
        return nextBest.map(footKind -> kind.words() + "; of yours the " + footKind.words() + " comes nearest")
                .orElse(kind.words() + ", which is not among yours");
    }

    private static Optional<Pressure> pressure(Job job) {
        return job.purpose().hovers() ? Optional.empty() : Optional.of(pressed(job));
    }

    private static Pressure pressed(Job job) {
        boolean light = job.isKnit()
                || job.resistingGsm() < THIN_GSM
                || job.isDelicate()
                || job.hasPile()
                || job.isLofty()
                || job.hasBatting();
        if (light) {
            return Pressure.LIGHT;
        }
        return isStiffStack(job) ? Pressure.FIRM : Pressure.NORMAL;
    }

    /** What is stiff and high slips under the foot; what is stiff and flat does not, and hide, film and coating keep its marks. */
    private static boolean isStiffStack(Job job) {
        boolean marks = job.keepsHoles() || job.isCoated();
        return job.wantsStiffBlade() && !marks && job.stack().layers() >= STIFF_LAYERS;
    }

    private static List<FootKind> inOrder(Job job) {
        return switch (job.purpose()) {
            case SEAM, HEM, BASTE, ELASTIC, SHIRRING, BAR_TACK -> forCloth(job);
            case GATHER -> List.of(STANDARD, GATHERING);
            case PIECING -> List.of(QUARTER_INCH, STANDARD);
            case TOPSTITCH -> isSticky(job) ? List.of(NON_STICK, ROLLER, EDGE) : List.of(EDGE, OPEN_TOE, STANDARD);
            case QUILTING -> List.of(WALKING, STANDARD);
            case FREE_MOTION, EMBROIDERY, DARNING -> List.of(DARNING);
            case BUTTONHOLE -> job.isHide() || job.isFilm() ? forCloth(job) : List.of(BUTTONHOLE, OPEN_TOE);
            case DECORATIVE, OPENWORK, SATIN -> List.of(OPEN_TOE, STANDARD);
            case BLIND_HEM -> List.of(BLIND_HEM, STANDARD);
            case ROLLED_HEM ->
                job.machineKind()
                                .filter(machineKind -> machineKind.hasLoopers())
                                .isPresent()
                        ? List.of(OVERLOCK)
                        : List.of(ROLLED_HEM, STANDARD);
            case ZIP -> List.of(ZIPPER, PIPING);
            case PIPING -> List.of(PIPING, ZIPPER);
            case COUCHING -> List.of(COUCHING, OPEN_TOE);
            case PINTUCKS -> List.of(PINTUCK, OPEN_TOE);
            case OVERLOCK -> List.of(OVERLOCK);
            case COVER_HEM -> List.of(COVER);
        };
    }

    private static List<FootKind> forCloth(Job job) {
        if (job.isHide()) {
            return List.of(ROLLER, NON_STICK, WALKING);
        }
        if (isSticky(job)) {
            return List.of(NON_STICK, ROLLER, WALKING);
        }
        if (job.isLofty() || job.hasPile() || job.hasBatting() || job.stack().layers() >= MANY_LAYERS) {
            return List.of(WALKING, STANDARD);
        }
        boolean straightStitch = job.stitchWidthMm() == 0 && job.leastSwingMm() == 0 && !job.gainsBySwinging();
        return job.isSheer() && straightStitch ? List.of(STRAIGHT, STANDARD) : List.of(STANDARD);
    }

    private static boolean isSticky(Job job) {
        return job.stack().dragsOnTheFoot() || job.isFilm() || job.isHide();
    }
}
