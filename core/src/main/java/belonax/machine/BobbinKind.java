package belonax.machine;

/** How the bobbin sits. A sealed drop-in case is not adjusted. */
public enum BobbinKind {
    REMOVABLE,
    SEALED,
    /** Overlockers have loopers and no bobbin. */
    NONE
}
