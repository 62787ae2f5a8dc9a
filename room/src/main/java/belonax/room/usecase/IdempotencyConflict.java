package belonax.room.usecase;

/** A press was sent once more with other values. The message is fit for the screen. */
public final class IdempotencyConflict extends RuntimeException {
    IdempotencyConflict() {
        super(
                "This page was sent before, with other values, and what was recorded then stands. Look at it as it is now, and"
                        + " record the rest from there.");
    }
}
