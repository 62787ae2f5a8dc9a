package belonax.machine;

/** What the motor can pierce. A bigger needle gives a light machine no more strength. */
public enum MotorPower {
    LIGHT("light"),
    NORMAL("ordinary"),
    STRONG("strong");

    private final String words;

    MotorPower(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
