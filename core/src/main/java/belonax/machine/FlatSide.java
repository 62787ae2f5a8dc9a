package belonax.machine;

/** Which way the flat of the shank faces. The scarf always faces the hook. */
public enum FlatSide {
    BACK("back"),
    LEFT("left"),
    RIGHT("right");

    private final String words;

    FlatSide(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
