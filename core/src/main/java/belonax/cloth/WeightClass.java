package belonax.cloth;

/** The classes of woven cloth by weight, lightest first. Source: docs/craft.md, "Weight classes". */
public enum WeightClass {
    SHEER("sheer", 0),
    LIGHT("light", 60),
    MEDIUM("medium", 130),
    HEAVY("heavy", 240),
    VERY_HEAVY("very heavy", 400);

    private final String words;
    private final double fromGsm;

    WeightClass(String words, double fromGsm) {
        this.words = words;
        this.fromGsm = fromGsm;
    }

    /** Returns the class of a weight in g/m². Very heavy begins above 400, every other class at its own limit. */
    public static WeightClass of(double weightGsm) {
        WeightClass found = SHEER;
        for (WeightClass weightClass : values()) {
            boolean reached =
                    weightClass == VERY_HEAVY ? weightGsm > weightClass.fromGsm : weightGsm >= weightClass.fromGsm;
            if (reached) {
                found = weightClass;
            }
        }
        return found;
    }

    /** Returns how far a weight lies from the nearest limit between two classes, in g/m². */
    static double distanceToLimit(double weightGsm) {
        double nearest = Double.MAX_VALUE;
        for (WeightClass weightClass : values()) {
            if (weightClass != SHEER) {
                nearest = Math.min(nearest, Math.abs(weightGsm - weightClass.fromGsm));
            }
        }
        return nearest;
    }

    /** Returns where the class begins, in g/m². */
    public double fromGsm() {
        return fromGsm;
    }

    public String words() {
        return words;
    }
}
