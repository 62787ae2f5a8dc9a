package belonax.fault;

/** What is known of needle, thread and machine that makes a cause likelier: a column of causes.txt. */
enum Known {
    /** Nothing beside symptoms and circumstances. */
    NOTHING,
    NEEDLE_HOURS,
    /** A needle that has hardly sewn. */
    NEEDLE_FRESH,
    NEEDLE_STRUCK,
    THREAD_YEARS,
    /** The spool wants a way of its own: a thread that must not twist, or that slips. */
    DELICATE_DELIVERY,
    NEEDLES_BROKEN,
    PIECES_MISSING,
    HOURS_SINCE_CLEANING,
    MONTHS_SINCE_SERVICE,
    DIAL_OUTSIDE_BAND,
    /** How hard the bobbin was found to pull when it was tested. */
    BOBBIN_PULL,
    /** How strong the motor is. */
    MOTOR
}
