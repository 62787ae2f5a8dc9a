package belonax.match;

import static belonax.match.StitchAdvice.Kind.BLIND;
import static belonax.match.StitchAdvice.Kind.BUTTONHOLE;
import static belonax.match.StitchAdvice.Kind.COVER;
import static belonax.match.StitchAdvice.Kind.FREE;
import static belonax.match.StitchAdvice.Kind.OVERLOCK;
import static belonax.match.StitchAdvice.Kind.PATTERN;
import static belonax.match.StitchAdvice.Kind.STRAIGHT;
import static belonax.match.StitchAdvice.Kind.ZIGZAG;

import belonax.cloth.Make;
import belonax.cloth.WeightClass;
import belonax.hazard.Job;
import belonax.hazard.Purpose;

/** The stitch of each purpose, before plate and foot have their say. Source: docs/craft.md, "Stitch, foot and dial by purpose". */
final class StitchTable {
    /** A knit that gives so much wants a seam that gives. */
    static final double GIVES_PERCENT = 20;

    static final double WIDEST_PATTERN_MM = 5;

    private static final double GIVES_MUCH_PERCENT = 60;
    private static final double BOX_MM = StitchAdvice.MIN_IN_HIDE_MM;

    private StitchTable() {}

    static StitchAdvice of(Job job, boolean twin) {
        return switch (job.purpose()) {
            case SEAM -> seam(job, twin, "");
            case HEM -> seam(job, twin, "A knit hem gives best with a stretch twin or this narrow zigzag. ");
            case ZIP ->
                seam(job, twin, "Beside the teeth, the needle next to the foot; wheel by hand past the slider. ");
            case TOPSTITCH -> topstitch(job, twin);
            case QUILTING ->
                straight(job, 2.5, "Up to 3 mm over thick batting; start in the middle and work outwards.");
            case FREE_MOTION, DARNING ->
                new StitchAdvice(
                        FREE, 2.5, 0, "Feed dogs down: your hands make the length; aim for an even 2 to 2.5 mm.");
            case EMBROIDERY ->
                new StitchAdvice(
                        FREE,
                        0.4,
                        0,
                        "The pattern sets it, about 0.4 mm apart; hooped, with a stabiliser, so that the cloth cannot give.");
            case BUTTONHOLE -> buttonhole(job);
            case DECORATIVE ->
                new StitchAdvice(
                        PATTERN,
                        2.5,
                        4,
                        "The pattern's own length, as wide as clears, on a stabiliser; turn it by hand first.");
            case GATHER ->
                straight(job, 4, "Two lines, tails left long; draw the bobbin threads. Drawing up is what is wanted.");
            case OPENWORK ->
                new StitchAdvice(
                        ZIGZAG,
                        2.5,
                        3,
                        "Use the widest stitch that clears, so that every opening shows; stiffen the cloth.");
            case PIECING ->
                job.hasPaper()
                        ? new StitchAdvice(
                                STRAIGHT, 1.5, 0, "Short, so that the paper tears off; keep this needle for paper.")
                        : straight(
                                job,
                                2,
                                "Short enough to hold where it is cut across; a scant quarter inch from the edge.");
            case BLIND_HEM ->
                new StitchAdvice(
                        BLIND, 2, 2, "Narrow it until the swing only just catches the fold; thread as fine as holds.");
            case ROLLED_HEM -> rolledHem(job);
            case PIPING -> straight(job, 2.5, "Close along the cord; a second line closer still hides the first.");
            case BASTE ->
                straight(job, 5, "4 to 6 mm, the dial a number lower, no back-stitching: it has to come out.");
            case ELASTIC ->
                new StitchAdvice(
                        ZIGZAG,
                        3,
                        2.5,
                        "Sewn stretched; a three-step zigzag holds flatter. The seam has to go on giving.");
            case SHIRRING ->
                straight(job, 3.5, "Elastic thread wound by hand on the bobbin; steam the rows afterwards.");
            case SATIN ->
                box(
                        job,
                        new StitchAdvice(
                                ZIGZAG,
                                asClose(job, 2.5, 0.6),
                                3,
                                "As close as the thread is thick, 2 to 3.5 mm wide, on a stabiliser."));
            case BAR_TACK ->
                box(
                        job,
                        new StitchAdvice(
                                ZIGZAG,
                                asClose(job, 1.6, 0.8),
                                2.5,
                                "As close as the thread is thick, over and back once."));
            case COUCHING ->
                new StitchAdvice(
                        ZIGZAG,
                        2.5,
                        3,
                        "As wide as the cord and a millimetre more, so that the needle passes beside it.");
            case PINTUCKS -> straight(job, 2.2, "Fine and close, with a narrow twin and a tight dial.");
            case OVERLOCK -> overlock(job);
            case COVER_HEM -> new StitchAdvice(COVER, 3, 5, "3 to 3.5 mm; test the differential on a folded scrap.");
        };
    }

    private static StitchAdvice seam(Job job, boolean twin, String first) {
        double length = StitchAdvice.seamLength(job);
        boolean gives = wantsGive(job);
        if (job.isOverRubber()) {
            return new StitchAdvice(
                    ZIGZAG,
                    2.5,
                    2.5,
                    first + "Over elastic the seam has to go on giving: zigzag or three-step, sewn stretched.");
        }
        if (gives && !twin) {
            double width = job.stretchPercent() >= GIVES_MUCH_PERCENT ? 1.2 : 0.5;
            return new StitchAdvice(
                    ZIGZAG,
                    length,
                    width,
                    first + "A little width lets the seam give with the cloth; a stretch stitch does as well.");
        }
        String hem = job.purpose() == Purpose.HEM ? "" : first;
        return new StitchAdvice(STRAIGHT, length, 0, hem + SeamNotes.of(job, twin, gives));
    }

    /** One step longer than the seam. */
    private static StitchAdvice topstitch(Job job, boolean twin) {
        WeightClass weight = WeightClass.of(job.stack().heaviest().weightGsm());
        double length = switch (weight) {
            case SHEER -> 2;
            case LIGHT -> 2.5;
            case MEDIUM -> 3;
            case HEAVY -> 3.5;
            case VERY_HEAVY -> 4;
        };
        if (wantsGive(job) && !twin) {
            return new StitchAdvice(
                    ZIGZAG,
                    3,
                    0.5,
                    "A little width lets the line give with the knit; a stretch twin shows two clean lines.");
        }
        return straight(job, length, "One step longer than the seam, so that the line shows.");
    }

    private static StitchAdvice buttonhole(Job job) {
        if (job.isHide() || job.isFilm()) {
            return new StitchAdvice(
                    STRAIGHT,
                    BOX_MM,
                    0,
                    "Two straight lines and a cut between them: zigzag columns would perforate it.");
        }
        boolean thick = job.stack().heaviest().make() == Make.COATING || job.wantsStiffBlade();
        return new StitchAdvice(
                BUTTONHOLE,
                thick ? 0.5 : 0.4,
                2,
                "Columns 2 mm wide on a stabiliser" + (thick ? ", over a cord" : "")
                        + "; sew one on the same stack first.");
    }

    private static StitchAdvice rolledHem(Job job) {
        boolean loopers = job.machineKind()
                .filter(machineKind -> machineKind.hasLoopers())
                .isPresent();
        return loopers
                ? new StitchAdvice(
                        OVERLOCK, 1.5, 2, "Short and narrow, the stitch finger drawn back; hold the tail at the start.")
                : straight(
                        job,
                        2,
                        "Feed the edge evenly into the scroll of the foot; start on a scrap of the same cloth.");
    }

    private static StitchAdvice overlock(Job job) {
        String differential = job.isKnit()
                ? "Differential 1.3 to 2, so that the knit does not wave."
                : job.isSheer()
                        ? "Differential 0.7 to 0.9, so that sheer cloth is not drawn up."
                        : "Differential at 1.";
        return new StitchAdvice(OVERLOCK, 2.5, 6, "5 to 7 mm wide. " + differential);
    }

    /** A knit gives and its seam has to, but not where hide or a film holds it. */
    private static boolean wantsGive(Job job) {
        return job.isKnit() && job.stretchPercent() >= GIVES_PERCENT && !job.isHide() && !job.isCoated();
    }

    /** So many thread diameters from one stitch to the next, in steps of a twentieth. */
    private static double asClose(Job job, double diameters, double mostMm) {
        double apart = Math.round(diameters * job.threadDiameterMm() * 20) / 20.0;
        return Math.max(0.3, Math.min(mostMm, apart));
    }

    /** In hide and film it becomes a straight box. */
    private static StitchAdvice box(Job job, StitchAdvice otherwise) {
        return job.isHide() || job.isFilm()
                ? new StitchAdvice(
                        STRAIGHT, BOX_MM, 0, "A straight box instead: close zigzag would cut it like a stamp.")
                : otherwise;
    }

    private static StitchAdvice straight(Job job, double lengthMm, String note) {
        return new StitchAdvice(STRAIGHT, StitchAdvice.longEnough(job, lengthMm), 0, note);
    }
}
