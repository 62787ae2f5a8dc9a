package belonax.hazard;

/** What a sewist needs to know first, best first. */
public enum Verdict {
    GOOD("good"),
    CAN_PASS("can pass"),
    AVOID("avoid");

    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Returns the worse of the two. */
    public Verdict or(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
