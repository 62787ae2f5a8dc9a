package belonax.room.settings;

/** By which light pages are shown. */
public enum Light {
    SYSTEM("as the system has it"),
    LIGHT("light"),
    DARK("dark, for the evening");

    private final String words;

    Light(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
