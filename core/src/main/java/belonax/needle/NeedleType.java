package belonax.needle;

import java.util.List;

/**
 * A kind of needle. Each constant carries the rule of its kind: the letters on a 130/705 packet, its eye, its point, and
 * what it is for. Source: docs/craft.md, "Needle types".
 */
public enum NeedleType {
    UNIVERSAL(
            "universal",
            "H",
            Eye.STANDARD,
            0.09,
            "ordinary wovens of middle weight; stable knits at a pinch",
            "stretchy knits, tight microfibres, hides"),
    JERSEY("jersey", "H SUK", Eye.STANDARD, 0.17, "jersey, sweatshirt knit, fleece, interlock", "wovens, hides"),
    STRETCH(
            "stretch",
            "H-S",
            Eye.STANDARD,
            0.15,
            "knits with elastane, swim and active wear, power mesh; also a rescue for skips on very thick stacks",
            "crisp wovens"),
    SHARP(
            "sharp",
            "H-M",
            Eye.STANDARD,
            0.03,
            "dense, fine or coated wovens, straight topstitch lines, piecing where a fine line counts",
            "knits"),
    JEANS("jeans", "H-J", Eye.STANDARD, 0.06, "denim, canvas, duck, dense twill, many layers", "fine cloth, knits"),
    QUILTING("quilting", "H-Q", Eye.STANDARD, 0.06, "several layers with batting, crossed seams", ""),
    EMBROIDERY(
            "embroidery", "H-E", Eye.EMBROIDERY, 0.10, "rayon and polyester embroidery thread at speed", "heavy seams"),
    METALLIC("metallic", "H-MET", Eye.METALLIC, 0.09, "metallic and flat foil thread, monofilament", ""),
    TOPSTITCH(
            "topstitch",
            "N",
            Eye.TOPSTITCH,
            0.06,
            "thick or doubled thread, visible lines, and fragile thread that shreds",
            ""),
    LEATHER("leather", "H LL", Eye.STANDARD, 0.0, "hides: leather and suede", "everything else"),
    WING(
            "wing",
            "H WING",
            Eye.STANDARD,
            0.09,
            "openwork on loosely woven linen, batiste and lawn",
            "knits, dense cloth"),
    TWIN(
            "twin",
            "H ZWI",
            Eye.STANDARD,
            0.09,
            "two parallel lines; with a stretch point, knit hems",
            "buttonholes, eyelets, darning"),
    TRIPLE("triple", "H DRI", Eye.STANDARD, 0.09, "three parallel lines", "buttonholes, eyelets, darning"),
    SELF_THREADING(
            "self-threading",
            "H (slotted)",
            Eye.STANDARD,
            0.09,
            "weak eyesight; a slot beside the eye",
            "heavy or fast work");

    /** All types, in the order of the table, without the copy that {@code values()} makes. */
    public static final List<NeedleType> ALL = List.of(values());

    private final String words;
    private final String suffix;
    private final Eye eye;
    private final double tipRadiusMm;
    private final String goodFor;
    private final String notFor;

    NeedleType(String words, String suffix, Eye eye, double tipRadiusMm, String goodFor, String notFor) {
        this.words = words;
        this.suffix = suffix;
        this.eye = eye;
        this.tipRadiusMm = tipRadiusMm;
        this.goodFor = goodFor;
        this.notFor = notFor;
    }

    /** Returns the name in running text, such as {@code self-threading}. */
    public String words() {
        return words;
    }

    /** Returns the letters that follow 130/705 on a packet. */
    public String suffix() {
        return suffix;
    }

    public Eye eye() {
        return eye;
    }

    /** Returns the radius of the tip as drawn, in millimetres; 0 for a cutting wedge. */
    public double tipRadiusMm() {
        return tipRadiusMm;
    }

    /** Returns what it is for, as the guide's table has it. */
    public String goodFor() {
        return goodFor;
    }

    /** Returns what it is not for; empty when the table names nothing. */
    public String notFor() {
        return notFor;
    }

    /** Tells whether several needles stand on one shank. */
    public boolean isMultiple() {
        return this == TWIN || this == TRIPLE;
    }
}
