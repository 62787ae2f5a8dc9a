package belonax.room.press;

import java.util.Optional;
import java.util.UUID;

/** The press that this thread carries out. */
public final class CurrentPress {
    private static final ThreadLocal<Press> PRESS = new ThreadLocal<>();

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
    }

    public static void end() {
        PRESS.remove();
    }

    static Optional<Press> now() {
        return Optional.ofNullable(PRESS.get());
    }
}
