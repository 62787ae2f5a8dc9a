package belonax.thread;

/** How far a thread can be trusted. Cheap and unknown thread sheds lint and varies in thickness. */
public enum Quality {
    GOOD,
    CHEAP,
    UNKNOWN
}
