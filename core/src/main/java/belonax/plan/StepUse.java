package belonax.plan;

import belonax.BadInput;
import belonax.life.Wear;
import belonax.match.MatchRequest;

/**
 * What a step takes. Source: docs/craft.md, "How much thread a seam takes" and "Effective hours".
 *
 * @param stitches of all passes
 * @param minutes at the needle
 * @param topMetres from above, all needles and strands together, waste and tails included
 * @param bobbinMetres from the bobbin; 0 where there is none
 * @param looperMetres in both loopers together; 0 where there are none
 * @param effectiveHours of a plain needle
 */
public record StepUse(
        double stitches,
        double minutes,
        double topMetres,
        double bobbinMetres,
        double looperMetres,
        double effectiveHours) {
    /** At each end of each pass. */
    private static final double TAIL_M = 0.15;

    private static final int LOOPERS = 2;
    private static final double MAX_MINUTES = 1_000_000;

    /** Works out a step on its machine. */
    static StepUse of(Step step, Station station) {
        var job = step.asked().job();
        StepStitch stitch = step.stitch();
        double stitches = step.seamMetres() * 1000 / stitch.lengthMm() * step.passes();
        double minutes = step.metresAnHour().isPresent()
                ? step.seamMetres() * step.passes() / step.metresAnHour().getAsDouble() * 60
                : stitches / station.stitchesPerMinute();
        BadInput.unless(
                minutes <= MAX_MINUTES,
                "seamMetres",
                () -> "That takes longer than anybody sews. Check metres, passes and stitch length.");
        ThreadUse use = ThreadUse.of(stitch, job.stack().heightMm());
        double tails = 2 * TAIL_M * step.passes();
        int above = job.thread().strands()
                * step.asked().twin().map(MatchRequest.TwinWish::needles).orElse(1);
        return new StepUse(
                stitches,
                minutes,
                above * (use.topMetresOf(stitches) + tails),
                use.belowMm() == 0 ? 0 : use.belowMetresOf(stitches) + tails,
                stitch.hasLoopers() ? LOOPERS * (use.looperMetresOf(stitches) + tails) : 0,
                minutes / 60 * Wear.of(job.stack(), job.thread(), job.purpose()).factor());
    }
}
