package belonax.sound;

/**
 * Collects beats until it is sure that a machine makes them. Talk has no beat that lasts. Music has, but keeps time, which a foot does
 * not; a fast beat that keeps time is a motor's, for music has none without a slower one in it. Source: docs/craft.md, "Listening".
 */
final class Proof {
    /** Music has beats of its own below this, in beats a second. */
    private static final double SLOW = 6;

    private static final double FAST = 9;

    /** In slices of a tenth of a second. */
    private static final int LEAST = 15;

    private static final int MIN_SLOW = 30;
    private static final int MIN_SLOW_AGAIN = 20;
    private static final int MIN_RIGID = 26;
    private static final double ALIKE = 0.55;
    private static final double ALIKE_SLOW = 0.66;
    private static final double ALIKE_SLOW_AGAIN = 0.58;
    private static final double VERY_ALIKE = 0.75;
    private static final double LOOSE = 0.8;
    private static final double LOOSE_SLOW = 0.75;
    private static final double LOOSE_SLOW_AGAIN = 0.85;
    private static final double RIGID = 1.2;
    private static final double VERY_LOOSE = 0.6;
    private static final double VERY_LOOSE_SLOW = 0.5;

    /** The rigidity is smoothed over so much of it. */
    private static final double NEW_SHARE = 0.2;

    private Beat last = Beat.NONE;
    private int slices;
    private int fast;
    private int blanks;
    private double strength;
    private double rigidity;
    private double smooth;
    private double loosest;

    Proof() {
        drop();
    }

    /** Forgets all. */
    void drop() {
        slices = 0;
        fast = 0;
        blanks = 0;
        strength = 0;
        rigidity = 0;
        smooth = 1;
        loosest = 1;
    }

    /** Hears the beat of a slice, and whether it is loud enough for a machine that runs. */
    void hear(Beat beat, boolean isLoud) {
        boolean isBeat = beat.isThere() && isLoud;
        if (isBeat && (slices == 0 || beat.follows(last))) {
            add(beat);
        } else if (++blanks > StitchEar.MAX_BLANKS) {
            drop();
            if (isBeat) {
                add(beat);
            }
        }
    }

    private void add(Beat beat) {
        last = beat;
        blanks = 0;
        slices++;
        fast += beat.perSecond() >= FAST ? 1 : 0;
        strength += beat.strength();
        rigidity += beat.rigidity();
        smooth += NEW_SHARE * (beat.rigidity() - smooth);
        loosest = Math.min(loosest, smooth);
    }

    /** Returns the newest beat of those that were collected. */
    Beat last() {
        return last;
    }

    /** Tells whether another beat than that has been there for a second. */
    boolean contradicts(Beat beat) {
        return slices > 10 && !last.follows(beat);
    }

    /**
     * Tells whether a machine makes them.
     *
     * @param again whether one ran a short while ago
     */
    boolean isSure(boolean again) {
        if (slices < LEAST) {
            return false;
        }
        double alike = strength / slices;
        double keepsTime = rigidity / slices;
        return last.perSecond() < SLOW ? isSureOfSlow(alike, keepsTime, again) : isSureOfFast(alike, keepsTime);
    }

    private boolean isSureOfFast(double alike, double keepsTime) {
        boolean isMotor = slices >= MIN_RIGID && fast * 10 > slices * 9 && keepsTime < RIGID;
        return alike >= ALIKE && (keepsTime < LOOSE || loosest < VERY_LOOSE || isMotor);
    }

    private boolean isSureOfSlow(double alike, double keepsTime, boolean again) {
        boolean isLoose =
                keepsTime < (again ? LOOSE_SLOW_AGAIN : LOOSE_SLOW) || loosest < VERY_LOOSE_SLOW && alike > VERY_ALIKE;
        return isLoose
                && slices >= (again ? MIN_SLOW_AGAIN : MIN_SLOW)
                && alike >= (again ? ALIKE_SLOW_AGAIN : ALIKE_SLOW);
    }
}
