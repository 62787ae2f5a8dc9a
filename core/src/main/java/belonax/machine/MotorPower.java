package belonax.machine;

/** What the motor can pierce. A bigger needle gives a light machine no more strength. Source: docs/craft.md, "Limits". */
public enum MotorPower {
    LIGHT("light", 2000),
    NORMAL("ordinary", 3200),
    STRONG("strong", 5000);

    private final String words;
    private final double piercesGsm;

    MotorPower(String words, double piercesGsm) {
        this.words = words;
        this.piercesGsm = piercesGsm;
    }

    public String words() {
        return words;
    }

    /** Returns how much plain cloth under the needle it pierces, in g/m² of all layers together. */
    public double piercesGsm() {
        return piercesGsm;
    }
}
