package belonax.web.shared;

/** A stop on the thread path, in the order of the work. A stop is listed here when it is built. */
public enum Stop {
    BENCH("Bench", "ready to sew?", "/bench"),
    PLAN("Plan", "in what order?", "/plan"),
    MATCH("Match", "which needle?", "/match"),
    FIT("Fit", "is it in right?", "/fit"),
    BALANCE("Balance", "which way, how far?", "/balance"),
    MEND("Mend", "what is wrong?", "/mend"),
    NEEDLES("Needle book", "how worn, where?", "/needles"),
    PRACTICE("Practice", "would I read it right?", "/practice"),
    DRAWER("Drawer", "what do I own?", "/drawer");

    private final String words;
    private final String question;
    private final String path;

    Stop(String words, String question, String path) {
        this.words = words;
        this.question = question;
        this.path = path;
    }

    public String words() {
        return words;
    }

    public String question() {
        return question;
    }

    public String path() {
        return path;
    }

    /** Tells whether it speaks of the work on the table, so that its path carries the sentence of the page. */
    public boolean takesWork() {
        return this != PLAN && compareTo(MEND) <= 0;
    }
}
