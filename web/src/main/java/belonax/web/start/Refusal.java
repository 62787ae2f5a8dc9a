package belonax.web.start;

/** Why Belonax cannot start, in one sentence that says what to do. */
public final class Refusal extends RuntimeException {
    private final boolean isRunning;

    Refusal(String sentence) {
        this(sentence, false);
    }

    private Refusal(String sentence, boolean isRunning) {
        super(sentence);
        this.isRunning = isRunning;
    }

    /** Returns why a second one is not started on the same data. */
    static Refusal running(String sentence) {
        return new Refusal(sentence, true);
    }

    /** Tells whether it is because Belonax is running already. */
    public boolean isRunning() {
        return isRunning;
    }
}
