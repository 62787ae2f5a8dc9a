package belonax.needle;

/**
 * The eye of a kind of needle.
 *
 * @param widthShare width of the eye as a share of the blade, called k in the guide
 * @param lengthMm length of the eye in millimetres
 */
public record Eye(double widthShare, double lengthMm) {
    static final Eye STANDARD = new Eye(0.40, 1.5);
    static final Eye EMBROIDERY = new Eye(0.46, 1.8);
    static final Eye METALLIC = new Eye(0.46, 2.2);
    static final Eye TOPSTITCH = new Eye(0.52, 2.7);
}
