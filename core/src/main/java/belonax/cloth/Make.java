package belonax.cloth;

/**
 * How a cloth is made up beyond its structure, which decides how much of its weight the blade feels, how hard it is to
 * pierce and how far the foot presses it flat. Source: docs/craft.md, "Resistance" and "Limits".
 */
public enum Make {
    /** What structure, density and traits tell is all there is to tell. */
    ORDINARY("nothing special", Double.NaN, Double.NaN, Double.NaN),
    WEBBING("webbing", 1, 1.5, 0.85),
    COATING("coat cloth, melton", 0.65, 0.7, 0.66),
    TOWELLING("towelling, loops", 0.6, 0.6, 0.35),
    FLEECE("fleece, lofty knit", 0.6, 0.4, 0.35),
    FUR("fur or plush", 0.45, 0.4, 0.33),
    BATTING("batting, wadding, foam", 0.35, 0.4, 0.25),
    /** Cotton, batting and cotton in one: a whole stack by itself. */
    SANDWICH("a ready batting sandwich", 0.76, 0.4, 0.3);

    private final String words;
    private final double resistance;
    private final double hardness;
    private final double pressed;

    Make(String words, double resistance, double hardness, double pressed) {
        this.words = words;
        this.resistance = resistance;
        this.hardness = hardness;
        this.pressed = pressed;
    }

    public String words() {
        return words;
    }

    /** Returns the share of a cloth's weight that counts against the blade. */
    double resistance(Cloth cloth) {
        return this == ORDINARY ? ofNature(cloth) : resistance;
    }

    /** Returns by how much a gram of it is harder to pierce than a gram of plain cloth. */
    double hardness(Cloth cloth) {
        return this == ORDINARY ? hardnessOfNature(cloth) : hardness;
    }

    /** Returns the share of its thickness that is left under the foot; less at a crossing that is hammered flat. */
    double pressed(Cloth cloth, boolean atCrossing) {
        if (this != ORDINARY) {
            return pressed;
        }
        if (cloth.has(Trait.LOFTY)) {
            return cloth.has(Trait.PILE) ? 0.33 : cloth.structure() == Structure.NONWOVEN ? 0.25 : 0.35;
        }
        return cloth.has(Trait.PILE) ? 0.6 : atCrossing ? 0.7 : 0.85;
    }

    private static double ofNature(Cloth cloth) {
        if (cloth.structure() == Structure.HIDE) {
            return 0.45;
        }
        if (cloth.structure() == Structure.FILM) {
            return 0.6;
        }
        if (cloth.has(Trait.COATED) && cloth.has(Trait.PERMANENT_HOLES)) {
            return 0.8;
        }
        if (cloth.has(Trait.LOFTY)) {
            return cloth.structure() == Structure.KNIT ? 0.6 : 0.7;
        }
        return cloth.has(Trait.PILE) ? 0.8 : 1;
    }

    private static double hardnessOfNature(Cloth cloth) {
        if (cloth.structure() == Structure.HIDE) {
            return 0.9 + 0.3 * Fade.in(cloth.weightGsm(), 1000);
        }
        if (cloth.structure() == Structure.FILM) {
            return 0.8;
        }
        if (cloth.has(Trait.LOFTY)) {
            return 0.4;
        }
        return cloth.density() == Density.TIGHT ? 1.25 : 1;
    }
}
