package belonax.room;

/** Somebody changed the same thing in another window in the meantime. The message is fit for the screen. */
public final class ChangedMeanwhile extends RuntimeException {
    public ChangedMeanwhile(String message) {
        super(message);
    }
}
