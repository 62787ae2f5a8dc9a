package belonax.web.shared.device;

/** A counter on the machine that tells how many stitches were sewn since it was last read. */
public interface StitchCounter {
    /** Returns the stitches since the last reading, at least 1. */
    long readStitches();

    /** Tells whether its readings are made up. */
    boolean isSimulated();
}
