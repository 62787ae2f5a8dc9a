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
 * @param alarm what has to be looked at at once
 */
public record Heard(
        boolean isRunning,
        double perSecond,
        double stitches,
        double seconds,
        double workSeconds,
        double alike,
        Alarm alarm) {
    public static final Heard NOTHING = new Heard(false, 0, 0, 0, 0, 0, Alarm.NONE);

    /** How sure the count is. */
    public enum Certainty {
        CLEAR("clear"),
        FAIR("fair"),
        FAINT("faint: check it against the clock");

        private final String words;

        Certainty(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final double CLEAR = 0.7;
    private static final double FAIR = 0.55;

    public double minutes() {
        return seconds / 60;
    }

    /** Returns the stitches a minute while it ran; 0 where it did not. */
    public double perMinute() {
        return seconds <= 0 ? 0 : stitches / seconds * 60;
    }

    public Certainty certainty() {
        return alike >= CLEAR ? Certainty.CLEAR : alike >= FAIR ? Certainty.FAIR : Certainty.FAINT;
    }
}
