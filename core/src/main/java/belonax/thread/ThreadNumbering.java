package belonax.thread;

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
    /** Worked out from metres and grams: tex = 1000 x grams / metres. */
    WEIGHED("weighed") {
        @Override
        double texValue(double grams, double metres) {
            return 1000 * grams / metres;
        }
    };

    private final String words;

    ThreadNumbering(String words) {
        this.words = words;
    }

    /**
     * Converts a label's number to tex.
     *
     * @param number the number on the label; for {@link #WEIGHED} the net grams
     * @param plies how many yarns are twisted together, 1 where the label does not say; for {@link #WEIGHED} the metres
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
