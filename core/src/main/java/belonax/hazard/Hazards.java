package belonax.hazard;

/**
 * Five chances, each 0 to 1. They are estimates to a few per cent, so doubles will do; two sets within 0.005 of each other
 * are the same to a sewist.
 */
public record Hazards(double skip, double shred, double breakage, double mark, double pucker) {

    public double of(Hazard hazard) {
        return switch (hazard) {
            case SKIP -> skip;
            case SHRED -> shred;
            case BREAK -> breakage;
            case MARK -> mark;
            case PUCKER -> pucker;
        };
    }

    /** Returns the sum of chance x severity: what needles are ranked by. */
    public double expectedHarm(Job job) {
        return skip * Hazard.SKIP.severity(job)
                + shred * Hazard.SHRED.severity(job)
                + breakage * Hazard.BREAK.severity(job)
                + mark * Hazard.MARK.severity(job)
                + pucker * Hazard.PUCKER.severity(job);
    }
}
