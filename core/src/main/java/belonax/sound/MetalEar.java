package belonax.sound;

/** Hears, at once, something that rings far above the stitches: metal on metal. Source: docs/craft.md, "Listening". */
final class MetalEar {
    /** Above the brightest of a usual stitch, as powers: 15 dB to begin with, 6 dB while it rings. */
    private static final double STRUCK = 31.6;

    private static final double RINGS = 4;

    /** Forty milliseconds. */
    private static final int RINGS_FOR = 8;

    private int ringing = -1;
    private boolean heard;

    /**
     * Hears the next step.
     *
     * @param bright its power above 2 kHz
     * @param usual the same of the brightest step of a usual stitch; 0 where that is not known
     */
    void hear(double bright, double usual) {
        if (usual <= 0) {
            ringing = -1;
        } else if (bright > STRUCK * usual) {
            ringing = Math.max(0, ringing);
        } else if (bright < RINGS * usual) {
            ringing = -1;
        }
        if (ringing >= 0 && ++ringing >= RINGS_FOR) {
            heard = true;
        }
    }

    boolean hasHeard() {
        return heard;
    }

    void listenAnew() {
        heard = false;
        ringing = -1;
    }
}
