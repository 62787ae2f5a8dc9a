package belonax.web.shared.device;

/** A gauge that tells how hard something is pulled. */
public interface PullGauge {
    /** Returns the pull in grams. */
    double readGrams();

    /** Tells whether its readings are made up. */
    boolean isSimulated();
}
