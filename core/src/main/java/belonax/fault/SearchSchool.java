package belonax.fault;

/** In what order it is searched. Source: docs/craft.md, "Faults". */
public enum SearchSchool {
    LIKELIEST_PER_MINUTE(
            "what is likeliest per minute", "Our way: what is most likely to find it in the least time, safety first."),
    NEEDLE_FIRST("a new needle first", "A new needle is said to cure most faults; then the threading, then cleaning."),
    RETHREAD_FIRST("thread it again first", "Unthread it wholly and begin again; then the needle, then cleaning."),
    CLEAN_FIRST("clean and service first", "Clean, oil where allowed, have it serviced; then needle and threading."),
    AS_FOUND(
            "look at everything as it was found",
            "Dial, thread path, spool, bobbin and needle are looked at before anything is touched.");

    private final String words;
    private final String why;

    SearchSchool(String words, String why) {
        this.words = words;
        this.why = why;
    }

    public String words() {
        return words;
    }

    /** Returns what its followers say. */
    public String why() {
        return why;
    }
}
