package belonax.sound;

/** What is told at once. Source: docs/craft.md, "Listening". */
public enum Alarm {
    NONE(""),
    METAL("A sound as of metal. Stop, power off, look at needle, plate and bobbin case."),
    OTHER_SOUND("Each stitch sounds other than a moment ago. Stop and look: needle, thread, bobbin.");

    private final String words;

    Alarm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
