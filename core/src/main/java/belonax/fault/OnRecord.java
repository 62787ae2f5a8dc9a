package belonax.fault;

/** What an answer to a check leaves on record beside the search: a column of checks.txt. */
public enum OnRecord {
    NOTHING,
    /** The needle is changed, and the old one had failed. */
    NEEDLE_FAILED,
    /** The needle is changed for another type or size; the old one may sew on elsewhere. */
    NEEDLE_CHANGED,
    CLEANED,
    OILED,
    SERVICED,
    DIAL_SET,
    SPOOL_BAD
}
