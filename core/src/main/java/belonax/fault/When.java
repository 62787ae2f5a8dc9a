package belonax.fault;

/** When or where it happens, which is evidence too. */
public enum When {
    AT_START("at the start of a seam"),
    AFTER_NEEDLE_CHANGE("since the needle was changed"),
    AFTER_BOBBIN_CHANGE("since the bobbin was changed"),
    AFTER_THREADING("since it was threaded"),
    ONE_NEEDLE_POSITION("at one needle position only"),
    AT_CROSSINGS("at crossings and humps"),
    ONLY_FAST("only when sewing fast"),
    ONE_SPOOL("with one spool only");

    private final String words;

    When(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
