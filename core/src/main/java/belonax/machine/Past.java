package belonax.machine;

/** Where a machine comes from, which decides how it is begun with. Source: docs/craft.md, "Care". */
public enum Past {
    NEW("new", "A new machine is not due for service."),
    SECOND_HAND("second-hand, new to me", "It is cleaned and run without thread before anybody judges it."),
    STORED("mine, long in store", "It is cleaned and run without thread before anybody judges it."),
    IN_USE("mine, in use", "Its care goes on as it was.");

    private final String words;
    private final String means;

    Past(String words, String means) {
        this.words = words;
        this.means = means;
    }

    public String words() {
        return words;
    }

    /** Returns what follows from it, a whole sentence. */
    public String means() {
        return means;
    }

    /** Tells whether it is run in before it is judged. */
    public boolean wantsRunIn() {
        return this == SECOND_HAND || this == STORED;
    }
}
