package belonax.cloth;

import belonax.BadInput;

/**
 * How far a cloth gives and how much of it goes back. Mark 10 cm, pull without distorting, measure, let go, measure again:
 * stretch = (stretched - rest) / rest x 100, recovery = (stretched - after) / (stretched - rest) x 100. From 100 to 150 mm
 * and back to 103 it is 50 % with 94 % recovery. Source: docs/craft.md, "Stretch".
 *
 * @param stretchPercent 0 to 300
 * @param recoveryPercent 0 to 100; 100 for a cloth that does not give
 * @param advice what that means for needle, thread and stitch, whole sentences
 */
public record Stretch(double stretchPercent, double recoveryPercent, String advice) {
    private static final double ELASTIC_PERCENT = 45;
    private static final double PLAIN_POINT_PERCENT = 40;
    private static final double GIVES_PERCENT = 8;
    private static final double TIRED_PERCENT = 85;

    /**
     * Works out stretch and recovery.
     *
     * @param restMm the mark at rest, 10 to 1000 mm
     * @param stretchedMm the same mark pulled, at least at rest and at most four times as long
     * @param afterMm the same mark when let go, between rest and pulled
     * @throws BadInput if a measure makes no sense
     */
    public static Stretch measure(double restMm, double stretchedMm, double afterMm) {
        BadInput.unless(
                restMm >= 10 && restMm <= 1000,
                "restMm",
                () -> "Mark 10 to 1000 mm on the cloth at rest; 100 mm reckons easily.");
        BadInput.unless(
                stretchedMm >= restMm && stretchedMm <= 4 * restMm,
                "stretchedMm",
                () ->
                        "Pulled, the mark is at least as long as at rest and at most four times as long. Measure the same mark.");
        BadInput.unless(
                afterMm >= restMm && afterMm <= stretchedMm,
                "afterMm",
                () ->
                        "Let go, the mark is at least as long as at rest and no longer than pulled. Measure the same mark.");
        double gained = stretchedMm - restMm;
        double percent = gained / restMm * 100;
        double recovery = gained == 0 ? 100 : (stretchedMm - afterMm) / gained * 100;
        return new Stretch(percent, recovery, advice(percent, recovery));
    }

    private static String advice(double percent, double recovery) {
        String needle;
        if (percent >= ELASTIC_PERCENT) {
            needle = "It gives a great deal: a stretch needle, a thread that gives, and a stitch with some width.";
        } else if (percent > PLAIN_POINT_PERCENT) {
            needle = "A knit that gives so much wants a jersey or stretch needle and a thread that gives.";
        } else if (percent >= GIVES_PERCENT) {
            needle =
                    "It gives: a knit wants a jersey needle, a woven with elastane stays a woven; both want a thread that"
                            + " gives.";
        } else {
            needle = "It hardly gives: sew it as a woven.";
        }
        return recovery < TIRED_PERCENT
                ? needle
                        + " It does not come back well, so it grows in wear and waves under a firm foot: light pressure."
                : needle;
    }
}
