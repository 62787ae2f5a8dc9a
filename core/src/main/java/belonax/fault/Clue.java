package belonax.fault;

/** Something that a cause may show: a symptom, or what stands out at a glance. */
sealed interface Clue permits Symptom, Glance {
    /** Returns the chance that it is there though none of the known causes is, above 0 and far below 1. */
    double leak();

    /** Returns the chance that a cause shows it, 0 to 1. */
    double shownBy(Cause cause);
}
