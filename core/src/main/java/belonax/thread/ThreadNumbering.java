package belonax.thread;

import java.util.Map;

/**
 * A way of numbering threads, each with its formula to tex. The same bare number means different things in different
 * numberings: 50 is tex 20 as a weight, tex 60 as a ticket. Source: docs/craft.md, "Thread numbering".
 */
public enum ThreadNumbering {
    /** Grams per 1000 m. */
    TEX("tex") {
        @Override
        double texValue(double number, double plies) {
            return number;
        }
    },
    /** Grams per 10 000 m: dtex 250 is tex 25. */
    DTEX("dtex") {
        @Override
        double texValue(double number, double plies) {
            return number / 10;
        }
    },
    /** Grams per 9000 m: denier 225 is tex 25. */
    DENIER("denier") {
        @Override
        double texValue(double number, double plies) {
            return number / 9;
        }
    },
    /** Metric ticket, the "No." of many home spools: tex = 3000 / Tkt, so that Tkt 120 is tex 25. */
    TICKET("Tkt") {
        @Override
        double texValue(double number, double plies) {
            return 3000 / number;
        }
    },
    /** Weight: tex = 1000 / wt, so that 40 wt is tex 25. */
    WEIGHT("wt") {
        @Override
        double texValue(double number, double plies) {
            return 1000 / number;
        }
    },
    /** Metric count a/p: tex = 1000 x p / a, so that Nm 120/2 is tex 16.7. */
    NM("Nm") {
        @Override
        double texValue(double number, double plies) {
            return 1000 * plies / number;
        }
    },
    /** Cotton count a/p: tex = 590.5 x p / a, so that Ne 50/3 is tex 35.4. */
    NE("Ne") {
        @Override
        double texValue(double number, double plies) {
            return 590.5 * plies / number;
        }
    },
    /** Linen lea: tex = 1654 x plies / lea, so that lea 40/3 is tex 124. */
    LEA("lea") {
        @Override
        double texValue(double number, double plies) {
            return 1654 * plies / number;
        }
    },
    /**
     * The V-number of bonded and upholstery thread, a tenth of its denier: V-69 is denier 690 before bonding, and tex 70 as it is
     * sold. The trade's own values for the usual ones, the number itself for others.
     */
    BONDED_NUMBER("V") {
        @Override
        double texValue(double number, double plies) {
            return BONDED.getOrDefault((int) number, number);
        }
    },
    /** The letter of bonded and upholstery thread: B, E, F or FF, given by its V-number. */
    LETTER("letter") {
        @Override
        double texValue(double number, double plies) {
            return BONDED.getOrDefault((int) number, number);
        }
    },
    /** The diameter of a monofilament in mm: tex = pi / 4 x diameter² x density, so that 0.12 mm of nylon is tex 12.9. */
    MONOFILAMENT_MM("mm") {
        @Override
        double texValue(double diameterMm, double densityKgPerM3) {
            return Math.PI / 4 * diameterMm * diameterMm * densityKgPerM3;
        }
    },
    /** Worked out from metres and grams: tex = 1000 x grams / metres. */
    WEIGHED("weighed") {
        @Override
        double texValue(double grams, double metres) {
            return 1000 * grams / metres;
        }
    };

    private static final Map<Integer, Double> BONDED = Map.of(46, 45.0, 69, 70.0, 92, 90.0, 138, 135.0, 207, 210.0);

    private final String words;

    ThreadNumbering(String words) {
        this.words = words;
    }

    /**
     * Converts a label's number to tex.
     *
     * @param number the number on the label; for {@link #WEIGHED} the net grams
     * @param plies how many yarns are twisted together, 1 where the label does not say; for {@link #WEIGHED} the metres, for
     *     {@link #MONOFILAMENT_MM} the density in kg/m³
     * @throws belonax.BadInput if the result is no sewing thread
     */
    public Tex tex(double number, double plies) {
        return new Tex(texValue(number, plies));
    }

    /** Returns the same as a plain number, which need not be that of a sewing thread. */
    abstract double texValue(double number, double plies);

    /** Returns the short name that stands beside the number. */
    public String words() {
        return words;
    }
}
