package belonax.machine;

/** Which way the hand wheel turns to sew. */
public enum WheelTurn {
    TOWARDS_YOU("towards you"),
    AWAY_FROM_YOU("away from you");

    private final String words;

    WheelTurn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
