package belonax.sound;

/**
 * What was heard so far.
 *
 * @param isRunning whether the machine ran two seconds ago
 * @param perSecond its stitches a second then; 0 while it stands
 * @param stitches all that were counted
 * @param seconds how long it ran
 * @param workSeconds from the first stitch to the last, without pauses of more than two minutes
 * @param alike how alike its stitches were, 0 to 1
 * @param share how much of all that was louder than the quiet room was counted, 0 to 1
 * @param alarm what has to be looked at at once
 */
public record Heard(
        boolean isRunning,
        double perSecond,
        double stitches,
        double seconds,
        double workSeconds,
        double alike,
        double share,
        Alarm alarm) {
    /** How sure the count is. */
    public enum Certainty {
        CLEAR("clear"),
        FAIR("fair"),
        FAINT("faint, for it was slow or other sounds were about: hold it against the clock");

        private final String words;

        Certainty(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final double ALIKE_CLEAR = 0.7;
    private static final double ALIKE_FAIR = 0.55;
    private static final double SHARE_CLEAR = 0.88;
    private static final double SHARE_FAIR = 0.7;
    private static final double SLOW_A_MINUTE = 180;

    public double minutes() {
        return seconds / 60;
    }

    /** Returns the stitches a minute while it ran; 0 where it did not. */
    public double perMinute() {
        return seconds <= 0 ? 0 : stitches / seconds * 60;
    }

    public Certainty certainty() {
        if (perMinute() < SLOW_A_MINUTE || alike < ALIKE_FAIR || share < SHARE_FAIR) {
            return Certainty.FAINT;
        }
        return alike >= ALIKE_CLEAR && share >= SHARE_CLEAR ? Certainty.CLEAR : Certainty.FAIR;
    }
}
