package belonax.life;

/** What a machine wants from time to time. */
public enum CareKind {
    CLEAN("Clean the bobbin area and under the plate"),
    OIL("Oil where the manual says"),
    SERVICE("Have it serviced");

    private final String words;

    CareKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
