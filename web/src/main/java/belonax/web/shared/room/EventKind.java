package belonax.web.shared.room;

/** What can happen. */
public enum EventKind {
    NEEDLE_OUT,
    NEEDLE_IN,
    SEWN,
    STRUCK,
    THREADED,
    BALANCED,
    UNDONE
}
