package belonax.room.event;

/** What can happen. */
public enum EventKind {
    NEEDLE_OUT,
    NEEDLE_IN,
    /** Put in a marked place; the note names it. */
    PARKED,
    /** Into the sharps jar; the note tells whether it had failed. */
    JARRED,
    /** Back into its packet, nearly new. */
    PUT_BACK,
    /** Broke in the machine; the note names the pieces that are missing. */
    BROKE,
    PIECES_FOUND,
    SEWN,
    STRUCK,
    /** Heard, felt or seen; the note names the sign. */
    SIGN,
    PROJECT,
    BIG_PROJECT,
    TIMER_ON,
    TIMER_OFF,
    /** Looked at after a needle was fitted; the note names the check. */
    FIT_CHECKED,
    THREADED,
    BALANCED,
    /** The top dial was found far off and set back. */
    DIAL_SET,
    /** A check found something that was put right; the note names the check. */
    CURED,
    CLEANED,
    OILED,
    SERVICED,
    /** Something that is due was put off; the note names it. */
    SNOOZED,
    JAR_EMPTIED,
    UNDONE
}
