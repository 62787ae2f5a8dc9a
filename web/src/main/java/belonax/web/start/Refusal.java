package belonax.web.start;

/** Why Belonax cannot start, in one sentence that says what to do. */
public final class Refusal extends RuntimeException {
    Refusal(String sentence) {
        super(sentence);
    }
}
