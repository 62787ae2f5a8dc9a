package belonax.machine;

/** What decides who may oil, open and turn what. */
public enum MachineKind {
    MECHANICAL("mechanical"),
    COMPUTER_CONTROLLED("computer-controlled"),
    OVERLOCKER("overlocker");

    private final String words;

    MachineKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
