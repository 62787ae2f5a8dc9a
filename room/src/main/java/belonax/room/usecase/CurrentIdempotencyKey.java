package belonax.room.usecase;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The press that this thread carries out. */
public final class CurrentIdempotencyKey {
    private static final ThreadLocal<Key> KEY = new ThreadLocal<>();
    private static final ThreadLocal<Boolean> DONE = new ThreadLocal<>();
    private static final ThreadLocal<String> SEEN = new ThreadLocal<>();

    private CurrentIdempotencyKey() {}

    /**
     * One press of a form.
     *
     * @param key the key that the form carried
     * @param sent a digest of all that was sent with it
     */
    record Key(UUID key, String sent) {}

    /** Notes what the page of this press showed of a machine, in the words of {@code MachineNow.seen}; nothing where it showed none. */
    public static void showed(@Nullable String seen) {
        if (seen == null || seen.isBlank()) {
            SEEN.remove();
        } else {
            SEEN.set(seen);
        }
    }

    /** Returns what the page of this press showed. */
    public static Optional<String> seen() {
        return Optional.ofNullable(SEEN.get());
    }

    /** Begins to carry out a press. Call {@link #end} when it is over, whatever came of it. */
    public static void begin(UUID key, String sent) {
        KEY.set(new Key(key, sent));
        DONE.remove();
    }

    public static void end() {
        KEY.remove();
        DONE.remove();
        SEEN.remove();
    }

    /** Notes that the press was carried out: it is good for one use case. */
    static void carriedOut() {
        if (Boolean.TRUE.equals(DONE.get())) {
            throw new IllegalStateException(
                    "One press carries out one use case; make one of the two that were called.");
        }
        DONE.set(true);
    }

    static Optional<Key> now() {
        return Optional.ofNullable(KEY.get());
    }
}
