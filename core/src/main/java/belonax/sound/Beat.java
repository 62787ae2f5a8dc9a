package belonax.sound;

/**
 * What comes again and again around a moment.
 *
 * @param lag steps from one to the next
 * @param strength how alike they are, 0 for not at all to 1 for quite the same
 * @param rigidity how well the beat is kept more than a second later: about 1 and more for music, which keeps time and comes back
 *     to its accents, less under a foot, which does not
 */
record Beat(double lag, double strength, double rigidity) {
    static final Beat NONE = new Beat(Loudness.PER_SECOND, 0, 1);

    private static final double WEAK = 0.22;

    boolean isThere() {
        return strength >= WEAK;
    }

    double perSecond() {
        return Loudness.PER_SECOND / lag;
    }

    /** Tells whether the other is as fast, as nearly as a foot changes its pace in a tenth of a second. */
    boolean follows(Beat other) {
        return Math.abs(Math.log(lag / other.lag)) < 0.3;
    }
}
