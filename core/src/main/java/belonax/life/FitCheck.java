package belonax.life;

import belonax.machine.WheelTurn;

/** A look that a new needle wants after it was fitted. Source: docs/craft.md, "Fitting a needle". */
public enum FitCheck {
    HEIGHT("Check its height", 0, 30) {
        @Override
        public String how(WheelTurn turn, boolean hasThreader) {
            return hasThreader
                    ? "Power off. If the threader reaches the eye, the needle is all the way up; a wing or twin needle is"
                            + " tried by turning the wheel instead, and threaders break too."
                    : "Power off. Turn the wheel " + turn.words()
                            + " through one stitch: the bobbin thread comes up in that one turn, and nothing touches.";
        }
    },
    CLAMP("Look at the clamp again", 10, Double.MAX_VALUE) {
        @Override
        public String how(WheelTurn turn, boolean hasThreader) {
            return "Ten minutes of sewing shake a clamp loose. Power off, finger-tight and an eighth of a turn, not forced.";
        }
    };

    private final String words;
    private final double fromMinutes;
    private final double toMinutes;

    FitCheck(String words, double fromMinutes, double toMinutes) {
        this.words = words;
        this.fromMinutes = fromMinutes;
        this.toMinutes = toMinutes;
    }

    public String words() {
        return words;
    }

    /** Returns how it is done, for a machine whose wheel turns so. */
    public abstract String how(WheelTurn turn, boolean hasThreader);

    /**
     * Tells whether it is worth doing now: the height at once, and no longer when half an hour of sewing has shown it; the
     * clamp from ten minutes on.
     *
     * @param minutesSewn since the needle was fitted, at least 0
     */
    public boolean isDue(double minutesSewn) {
        return minutesSewn >= fromMinutes && minutesSewn < toMinutes;
    }
}
