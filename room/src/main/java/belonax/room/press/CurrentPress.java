package belonax.room.press;

import java.util.Optional;
import java.util.UUID;

/** The press that this thread carries out. */
public final class CurrentPress {
    private static final ThreadLocal<Press> PRESS = new ThreadLocal<>();
    private static final ThreadLocal<Boolean> DONE = new ThreadLocal<>();

    private CurrentPress() {}

    /**
     * One press of a form.
     *
     * @param key the key that the form carried
     * @param sent a digest of all that was sent with it
     */
    record Press(UUID key, String sent) {}

    /** Begins to carry out a press. Call {@link #end} when it is over, whatever came of it. */
    public static void begin(UUID key, String sent) {
        PRESS.set(new Press(key, sent));
        DONE.remove();
    }

    public static void end() {
        PRESS.remove();
        DONE.remove();
    }

    /** Notes that the press was carried out: it is good for one use case. */
    static void carriedOut() {
        if (Boolean.TRUE.equals(DONE.get())) {
            throw new IllegalStateException(
                    "One press carries out one use case; make one of the two that were called.");
        }
        DONE.set(true);
    }

    static Optional<Press> now() {
        return Optional.ofNullable(PRESS.get());
    }
}
