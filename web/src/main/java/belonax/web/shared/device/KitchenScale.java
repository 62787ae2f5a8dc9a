package belonax.web.shared.device;

/** A scale that a swatch is laid on. */
public interface KitchenScale {
    /** Returns what it shows, in grams, a multiple of its step. */
    double readGrams();

    /** Returns its smallest step in grams, above 0. */
    double stepGrams();

    /** Tells whether its readings are made up. */
    boolean isSimulated();
}
