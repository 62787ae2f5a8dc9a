package belonax.machine;

/** How the bobbin sits. A sealed drop-in case is not adjusted. */
public enum BobbinKind {
    REMOVABLE("in a case that comes out"),
    SEALED("dropped in, in a sealed case"),
    /** Overlockers have loopers and no bobbin. */
    NONE("none: it has loopers");

    private final String words;

    BobbinKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
