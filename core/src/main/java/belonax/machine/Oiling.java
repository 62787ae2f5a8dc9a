package belonax.machine;

/** What the owner may oil. */
public enum Oiling {
    NEVER("not by its owner: oil is the technician's"),
    WHERE_THE_MANUAL_SAYS("where its manual says, a drop, then wipe");

    private final String words;

    Oiling(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
