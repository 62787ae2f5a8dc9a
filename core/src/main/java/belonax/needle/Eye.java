package belonax.needle;

/**
 * The eye of a kind of needle.
 *
 * @param words what an eye like this is called, and which needles have it
 * @param widthShare width of the eye as a share of the blade, called k in the guide
 * @param lengthMm length of the eye in millimetres
 */
public record Eye(String words, double widthShare, double lengthMm) {
    /** The eye of most needles. */
    public static final Eye STANDARD = new Eye("ordinary eye", 0.40, 1.5);
    /** Larger and polished, for embroidery thread at speed. */
    public static final Eye POLISHED = new Eye("polished eye, embroidery or metallic", 0.46, 1.8);
    /** Long and polished, for metallic thread. */
    public static final Eye LONG_POLISHED = new Eye("long polished eye, metallic", 0.46, 2.2);
    /** The longest and widest, for thick thread. */
    public static final Eye LONG = new Eye("long eye, topstitch", 0.52, 2.7);
}
