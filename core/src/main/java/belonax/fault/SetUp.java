package belonax.fault;

import belonax.hazard.Job;
import belonax.hazard.SizeWindow;
import belonax.machine.Plate;
import belonax.needle.Eye;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.thread.Fibre;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the needle, the cloth and the thread on the table speak for beside their hazards, and what they rule out. Source:
 * docs/craft.md, "Faults".
 *
 * @param wrongSystem whether the needle is known not to be of the machine's system
 * @param isTwin whether a twin or triple needle is known to be in
 * @param speaks log-odds for causes
 * @param cannotBe causes that cannot be with this cloth, thread and needle
 */
public record SetUp(boolean wrongSystem, boolean isTwin, Map<CauseId, Double> speaks, Set<CauseId> cannotBe) {
    /** Nothing is known of it. */
    public static final SetUp UNKNOWN = new SetUp(false, false, Map.of(), Set.of());

    /** Cloth that gives less than this needs no stitch that gives. */
    private static final double GIVES_PERCENT = 8;

    private static final double PROVEN_DIAL = -4;
    /** So far from where it is proven, in its own numbers, a dial still stands there. */
    private static final double ABOUT_THERE = 0.51;

    private static final double WRONG_SYSTEM = 9;
    private static final double OUTSIDE_WINDOW = 2;
    private static final double INSIDE_WINDOW = -1;
    private static final double SWINGS_IN_A_HOLE = 3;
    private static final double TWIN = 2;
    private static final double FRAGILE = 1.8;
    private static final double NO_THREADER_PASSES = 3;

    public SetUp {
        speaks = Map.copyOf(speaks);
        cannotBe = Set.copyOf(cannotBe);
    }

    /** What of a job is truly known, and not merely taken as usual. */
    public record Known(boolean cloth, boolean thread, boolean systems) {}

    /** Reads a set-up; what is merely taken as usual says nothing. */
    public static SetUp of(Job job, Optional<Needle> needle, Known known) {
        Map<CauseId, Double> speaks = new EnumMap<>(CauseId.class);
        Set<CauseId> cannotBe = EnumSet.noneOf(CauseId.class);
        if (known.cloth() && job.stretchPercent() < GIVES_PERCENT && !job.isKnit()) {
            cannotBe.add(CauseId.STITCH_WITHOUT_GIVE);
        }
        if (known.thread() && job.thread().fibre() != Fibre.COTTON) {
            cannotBe.add(CauseId.THREAD_SHRANK);
        }
        needle.ifPresent(otherNeedle -> ofTheNeedle(job, otherNeedle, known, speaks, cannotBe));
        boolean wrong = known.systems()
                && needle.filter(otherNeedle -> !job.systems().contains(otherNeedle.system()))
                        .isPresent();
        if (wrong) {
            speaks.put(CauseId.WRONG_SYSTEM, WRONG_SYSTEM);
        } else if (known.systems() && needle.isPresent()) {
            cannotBe.add(CauseId.WRONG_SYSTEM);
        }
        return new SetUp(
                wrong, needle.filter(otherNeedle -> otherNeedle.count() > 1).isPresent(), speaks, cannotBe);
    }

    private static void ofTheNeedle(
            Job job, Needle needle, Known known, Map<CauseId, Double> speaks, Set<CauseId> cannotBe) {
        if (needle.count() > 1) {
            cannotBe.add(CauseId.NEEDLE_HITS);
            speaks.put(CauseId.TWIN_STRIKES, TWIN);
        } else {
            cannotBe.add(CauseId.TWIN_STRIKES);
        }
        if (job.plate() == Plate.STRAIGHT && job.stitchWidthMm() > 0) {
            speaks.put(CauseId.NEEDLE_HITS, SWINGS_IN_A_HOLE);
        }
        ofTheSize(job, needle, known, speaks);
        if (needle.size().compareTo(NeedleSize.NM_65) <= 0 || needle.point().isWinged()) {
            speaks.put(CauseId.EYE_TOO_SMALL, NO_THREADER_PASSES);
        } else {
            cannotBe.add(CauseId.EYE_TOO_SMALL);
        }
        boolean fragile = job.thread().isMetallic() || job.thread().fibre() == Fibre.RAYON;
        if (known.thread() && fragile && needle.point().eye().equals(Eye.STANDARD)) {
            speaks.merge(CauseId.WRONG_TYPE, FRAGILE, Double::sum);
            speaks.merge(CauseId.THREAD_OLD, -FRAGILE, Double::sum);
        }
    }

    /** Too fine and too thick are each read in their own direction. */
    private static void ofTheSize(Job job, Needle needle, Known known, Map<CauseId, Double> speaks) {
        SizeWindow thread = job.threadWindow(needle.point().eye().widthShare()).sizes();
        SizeWindow cloth = job.clothWindow().sizes();
        int nm = needle.size().nm();
        boolean fine = known.thread() && nm < thread.min().nm()
                || known.cloth() && nm < cloth.min().nm();
        boolean thick = known.cloth() && nm > cloth.max().nm();
        speaks.put(CauseId.NEEDLE_TOO_FINE, fine ? OUTSIDE_WINDOW : INSIDE_WINDOW);
        speaks.put(CauseId.NEEDLE_TOO_THICK, thick ? OUTSIDE_WINDOW : INSIDE_WINDOW);
    }

    /** Returns the same with a dial that is proven for what is on the table, if it still stands about there. */
    public SetUp withDial(double now, double proven) {
        return Math.abs(now - proven) < ABOUT_THERE ? withProvenDial() : this;
    }

    /** Returns the same where the dial is proven for what is on the table: then nobody fiddled with it. */
    public SetUp withProvenDial() {
        Map<CauseId, Double> all = new EnumMap<>(CauseId.class);
        all.putAll(speaks);
        all.put(CauseId.DIAL_OFF, PROVEN_DIAL);
        return new SetUp(wrongSystem, isTwin, all, cannotBe);
    }
}
