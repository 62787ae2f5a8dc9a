package belonax.life;

/**
 * What a school says of a needle.
 *
 * @param reason a whole sentence, never scolding
 * @param used how much of its life is used, 0 or more; 1 and above is worn out
 */
public record Retirement(When when, String reason, double used) {

    /** How soon. */
    public enum When {
        LATER("not yet"),
        /** The needle hardly sewed, and yet something is wrong: changing it would hide why. */
        FIND_OUT("find out why"),
        SOON("soon"),
        NOW("change it now");

        private final String words;

        When(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
