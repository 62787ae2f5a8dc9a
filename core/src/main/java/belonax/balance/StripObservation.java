package belonax.balance;

/** What else was noticed while a strip was sewn. */
public enum StripObservation {
    PUCKER("it puckers"),
    TOP_BROKE("the top thread broke"),
    BOBBIN_BROKE("the bobbin thread broke"),
    ERRATIC("it comes and goes");

    private final String words;

    StripObservation(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
