package belonax.needle;

import static belonax.needle.TypeSpec.kind;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A kind of needle. Each constant tells all there is to know of its kind: point, eye, blade and scarf, the work it is made
 * for, its sizes, and how packets name it. Rules ask for these and never for a type by name, so that a type added here meets
 * every rule that its shape deserves. Source: docs/craft.md, "Needle types".
 */
public enum NeedleType {
    UNIVERSAL(kind("universal", "H", Work.ORDINARY_CLOTH)
            .madeIn(60, 65, 70, 75, 80, 90, 100, 110, 120)
            .called("UNIVERS[AE]L(?:E|NADELN?)?")
            .lettered("UNI")
            .goodFor("ordinary wovens of middle weight; stable knits at a pinch")
            .notFor("stretchy knits, tight microfibres, hides")
            .looks("Its tip is slightly rounded and its eye is the standard one: a universal needle, for ordinary"
                    + " wovens.")),
    JERSEY(kind("jersey", "H SUK", Work.KNITS)
            .tip(Tip.BALL, 0.17)
            .madeIn(70, 75, 80, 90, 100)
            .called("BALL\\s*-?\\s*POINT", "JERSE?Y")
            .lettered("SUK")
            .abbreviated("BP", "BP is a plain abbreviation of ball point: a jersey needle.")
            .abbreviated("SES|FFG", "These letters mean a light ball point, on packets of industrial systems.")
            .goodFor("jersey, sweatshirt knit, fleece, interlock")
            .notFor("wovens, hides")
            .looks("The roundest tip of all with a standard eye: a jersey needle parts a knit's loops instead of"
                    + " piercing them.")),
    STRETCH(kind("stretch", "H-S", Work.KNITS)
            .tip(Tip.BALL, 0.15)
            .scarf(Scarf.DEEP)
            .madeIn(65, 75, 90)
            .called("STRET?S?CH")
            .lettered("S")
            .goodFor("knits with elastane, swim and active wear, power mesh; also a rescue for skips on very thick"
                    + " stacks")
            .notFor("crisp wovens")
            .looks("A rounded tip, the eye set higher and the scarf deeper than any other's: a stretch needle, so that"
                    + " the hook catches the loop in elastic knits.")),
    SHARP(kind("sharp", "H-M", Work.FINE_LINES)
            .tip(Tip.ACUTE, 0.03)
            .madeIn(60, 65, 70, 75, 80, 90, 100, 110)
            .called("SHARPS?")
            .lettered("M")
            .abbreviated("SH", "SH is a plain abbreviation of sharp.")
            .abbreviated("MICRO[A-Z]*", "Names that begin with micro mean the slim sharp point, for microfibre.")
            .goodFor("dense, fine or coated wovens, straight topstitch lines, piecing where a fine line counts")
            .notFor("knits")
            .looks("A slim tip with hardly any rounding and a standard eye: a sharp needle, for dense, fine or coated"
                    + " wovens.")),
    JEANS(kind("jeans", "H-J", Work.HEAVY_CLOTH)
            .tip(Tip.ACUTE, 0.06)
            .blade(Blade.STRONG)
            .madeIn(70, 75, 80, 90, 100, 110, 120)
            .called("JEANS?", "DENIM")
            .lettered("DEN", "J")
            .goodFor("denim, canvas, duck, dense twill, many layers")
            .notFor("fine cloth, knits")
            .looks("A tip between sharp and universal, with a standard eye: a jeans needle, for denim and many"
                    + " layers.")),
    QUILTING(kind("quilting", "H-Q", Work.BATTING)
            .tip(Tip.SLENDER, 0.06)
            .blade(Blade.TAPERED)
            .madeIn(75, 90)
            .called("QUIL?T(?:ING)?")
            .lettered("QLT", "Q")
            .goodFor("several layers with batting, crossed seams")),
    EMBROIDERY(kind("embroidery", "H-E", Work.DENSE_STITCHING)
            .tip(Tip.EASED, 0.10)
            .eye(Eye.POLISHED)
            .scarf(Scarf.EASED)
            .madeIn(75, 90)
            .called("EMBROID[EA]RY", "STICK")
            .lettered("EMB", "E")
            .goodFor("rayon and polyester embroidery thread at speed")
            .notFor("heavy seams")
            .looks("A wider and slightly longer eye over a soft tip: an embroidery needle spares thread at speed.")),
    METALLIC(kind("metallic", "H-MET", Work.METALLIC_THREAD)
            .eye(Eye.LONG_POLISHED)
            .madeIn(70, 75, 80, 90, 100)
            .called("METALL?IC", "METALL?")
            .lettered("MET")
            .goodFor("metallic and flat foil thread, monofilament")
            .looks("A long eye over a universal tip: a metallic needle lets foil run without rubbing.")),
    TOPSTITCH(kind("topstitch", "N", Work.THICK_THREAD)
            .tip(Tip.SLENDER, 0.06)
            .eye(Eye.LONG)
            .madeIn(80, 90, 100, 110)
            .called("TOP[\\s-]?STIT?CH(?:ING)?")
            .lettered("TOP")
            .goodFor("thick or doubled thread, visible lines, and fragile thread that shreds")
            .looks("The longest and widest eye, with a keen tip: a topstitch needle takes thick or doubled thread.")),
    LEATHER(kind("leather", "H LL", Work.HIDES)
            .tip(Tip.CUTTING, 0)
            .madeIn(70, 75, 80, 90, 100, 110, 120)
            .called("LEATHER", "LEDER")
            .lettered("LEA", "LL", "LR", "L")
            .goodFor("hides: leather and suede")
            .notFor("everything else")
            .looks("A plain wedge that cuts instead of a rounding: a leather needle, for hides and nothing else.")),
    WING(kind("wing", "H WING", Work.OPENWORK)
            .blade(Blade.WINGED)
            .rare()
            .madeIn(100, 110, 120)
            .called("WING", "HEMSTITCH")
            .goodFor("openwork on loosely woven linen, batiste and lawn")
            .notFor("knits, dense cloth")
            .looks("Two blades stand out beside the eye: a wing needle opens holes in loose linen on purpose.")),
    TWIN(kind("twin", "H ZWI", Work.PARALLEL_LINES)
            .onOneShank(2)
            .called("ZWI(?:LLINGS?)?", "TWINS?", "DOUBLE", "DUBBEL")
            .goodFor("two parallel lines; with a stretch point, knit hems")
            .notFor("buttonholes, eyelets, darning")
            .looks("Two needles stand on one shank: a twin, for two lines at once.")),
    TRIPLE(kind("triple", "H DRI", Work.PARALLEL_LINES)
            .onOneShank(3)
            .rare()
            .called("DRI(?:LLINGS?)?", "TRIPLE")
            .goodFor("three parallel lines")
            .notFor("buttonholes, eyelets, darning")),
    SELF_THREADING(kind("self-threading", "H (slotted)", Work.EASY_THREADING)
            .blade(Blade.SLOTTED)
            .rare()
            .madeIn(80, 90)
            .lettered("(?:H\\s*-?\\s*)?SELF[\\s-]*THREADING", "SLOTTED")
            .goodFor("weak eyesight; a slot beside the eye")
            .notFor("heavy or fast work"));

    /** All types, in the order of the table, without the copy that {@code values()} makes. */
    public static final List<NeedleType> ALL = List.of(values());

    private final TypeSpec spec;

    NeedleType(TypeSpec spec) {
        this.spec = spec;
    }

    /**
     * Returns the type with so many needles on one shank.
     *
     * @param needles 2 or 3
     */
    public static NeedleType onOneShank(int needles) {
        return ALL.stream()
                .filter(type -> type.isMultiple() && type.count() == needles)
                .findFirst()
                .orElseThrow();
    }

    /** Returns the name in running text, such as {@code self-threading}. */
    public String words() {
        return spec.words;
    }

    /** Returns the letters that follow 130/705 on a packet. */
    public String suffix() {
        return spec.suffix;
    }

    public Tip tip() {
        return spec.tip;
    }

    /** Returns the radius of the tip as drawn, in millimetres; 0 for a cutting wedge. */
    public double tipRadiusMm() {
        return spec.tipRadiusMm;
    }

    public Eye eye() {
        return spec.eye;
    }

    public Blade blade() {
        return spec.blade;
    }

    public Scarf scarf() {
        return spec.scarf;
    }

    /** Returns what it is made for. */
    public Work work() {
        return spec.work;
    }

    /** Returns how many needles stand on its shank. */
    public int count() {
        return spec.count;
    }

    /** Tells whether several needles stand on one shank. */
    public boolean isMultiple() {
        return spec.count > 1;
    }

    /** Tells whether it is seldom met in a shop. */
    public boolean isRare() {
        return spec.rare;
    }

    /** Tells whether point and eye are the ordinary ones, over a blade without wings. */
    public boolean isPlain() {
        return tip() == Tip.ROUNDED && eye().equals(Eye.STANDARD) && !isWinged();
    }

    public boolean isBallPoint() {
        return tip() == Tip.BALL;
    }

    public boolean hasDeepScarf() {
        return scarf() == Scarf.DEEP;
    }

    /** Tells whether the point pierces, over a blade that is no stiffer than others. */
    public boolean isFineAcute() {
        return tip() == Tip.ACUTE && !isStrong();
    }

    /** Tells whether the point is a wedge that cuts. */
    public boolean isCutting() {
        return tip() == Tip.CUTTING;
    }

    /** Tells whether the blade is stiffer than others of its size. */
    public boolean isStrong() {
        return blade() == Blade.STRONG;
    }

    public boolean isWinged() {
        return blade() == Blade.WINGED;
    }

    public boolean isSlotted() {
        return blade() == Blade.SLOTTED;
    }

    /** Returns the sizes made for 130/705 machines, thinnest first; empty where they depend on a twin's spacing. */
    List<NeedleSize> sizes() {
        return spec.sizes;
    }

    /** Returns names on packets that the word “needle” may follow, as regular expressions. */
    List<String> packetNames() {
        return spec.names;
    }

    /** Returns letters on packets that stand by themselves, as regular expressions. */
    List<String> packetLetters() {
        return spec.letters;
    }

    /** Returns the letters that may follow the H of the scarf without a space. */
    Stream<String> lettersBehindTheScarf() {
        String standard = suffix().replaceFirst("^H\\W*", "");
        return Stream.concat(Stream.of(standard), packetLetters().stream())
                .filter(letters -> letters.matches("[A-Z]+"))
                .distinct();
    }

    /** Returns letters that are not a standard's, as regular expressions, each with the note that says what they mean. */
    Map<String, String> abbreviations() {
        return spec.abbreviations;
    }

    /** Returns what it is for, as the guide's table has it. */
    public String goodFor() {
        return spec.goodFor;
    }

    /** Returns what it is not for; empty when the table names nothing. */
    public String notFor() {
        return spec.notFor;
    }

    /** Returns what tells it from the others in a drawing; empty where nothing does. */
    public String look() {
        return spec.look;
    }
}
