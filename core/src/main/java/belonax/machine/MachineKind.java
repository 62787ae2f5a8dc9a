package belonax.machine;

/** What decides who may oil, open and turn what. */
public enum MachineKind {
    MECHANICAL("mechanical"),
    COMPUTER_CONTROLLED("computer-controlled"),
    OVERLOCKER("overlocker"),
    COVERLOCK("coverlock");

    private final String words;

    MachineKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Tells whether it sews with loopers instead of a bobbin. */
    public boolean hasLoopers() {
        return this == OVERLOCKER || this == COVERLOCK;
    }
}
