package belonax.needle;

import static java.util.stream.Collectors.joining;

import belonax.BadInput;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * A needle system fixes the shank and the length from butt to eye, and with them where the eye meets the hook. No
 * recommendation ever crosses systems. Source: docs/craft.md, "Needle systems".
 */
public enum NeedleSystem {
    H_130_705("130/705 H", List.of("15x1", "HAx1", "15x1H"), Shank.FLAT, 2.0, 38.5, true, "nearly every home machine"),
    HAX1SP(
            "HAx1SP",
            List.of(),
            Shank.FLAT,
            2.0,
            38.5,
            true,
            "home overlockers; a rounded stretch point with a larger, higher eye"),
    ELX705(
            "ELx705",
            List.of(),
            Shank.FLAT,
            2.0,
            39.1,
            true,
            "home overlock and coverlock; a second groove on the back and a little longer, only where the machine"
                    + " lists it"),
    R_130("130 R", List.of("130R"), Shank.ROUND, 2.0, 38.5, true, "a few old home machines with a round shank"),
    S_206X13("206x13", List.of(), Shank.FLAT, 2.0, Double.NaN, true, "a few old machines; shorter than 130/705 H"),
    WH_287("287 WH", List.of("16x231", "DBx1"), Shank.ROUND, 1.62, 33.6, false, "industrial lockstitch"),
    R_134("134 R", List.of("135x5", "DPx5"), Shank.ROUND, 2.0, 33.9, false, "industrial lockstitch"),
    S_135X17("135x17", List.of("DPx17"), Shank.ROUND, 2.0, 38.6, false, "industrial walking-foot machines"),
    B_27("B-27", List.of("DCx27"), Shank.ROUND, 2.02, 28.6, false, "industrial overlock");

    private final String label;
    private final List<String> synonyms;
    private final Shank shank;
    private final double shankMm;
    private final double buttToEyeMm;
    private final boolean domestic;
    private final String where;

    NeedleSystem(
            String label,
            List<String> synonyms,
            Shank shank,
            double shankMm,
            double buttToEyeMm,
            boolean domestic,
            String where) {
        this.label = label;
        this.synonyms = synonyms;
        this.shank = shank;
        this.shankMm = shankMm;
        this.buttToEyeMm = buttToEyeMm;
        this.domestic = domestic;
        this.where = where;
    }

    /**
     * Reads a system by its name or one of its synonyms; spaces and letter case do not matter.
     *
     * @throws BadInput if there is no such system; the message lists those that there are
     */
    public static NeedleSystem of(String name) {
        return Stream.of(values())
                .filter(system -> system.isCalled(name))
                .findFirst()
                .orElseThrow(() -> new BadInput("“" + abridged(name)
                        + "” is no needle system we know. Look in the machine's manual, on its label or at the"
                        + " printing on its front; known are "
                        + Stream.of(values()).map(NeedleSystem::label).collect(joining(", ")) + "."));
    }

    /** Returns the name as the trade prints it, such as {@code 130/705 H}. */
    public String label() {
        return label;
    }

    /** Returns other names of the same system. */
    public List<String> synonyms() {
        return synonyms;
    }

    public Shank shank() {
        return shank;
    }

    /** Returns the diameter of the shank in millimetres. */
    public double shankMm() {
        return shankMm;
    }

    /** Returns the nominal length from butt to the top of the eye in millimetres; empty where it is not known. */
    public OptionalDouble buttToEyeMm() {
        return Double.isNaN(buttToEyeMm) ? OptionalDouble.empty() : OptionalDouble.of(buttToEyeMm);
    }

    /** Tells whether home machines use it without their list having to name it. */
    public boolean isDomestic() {
        return domestic;
    }

    /** Returns where it is found, in words. */
    public String where() {
        return where;
    }

    @Override
    public String toString() {
        return label;
    }

    private boolean isCalled(String name) {
        return Stream.concat(Stream.of(label), synonyms.stream())
                .anyMatch(text -> plain(text).equals(plain(name)));
    }

    private static String plain(String name) {
        return name.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
    }

    private static String abridged(String name) {
        return name.length() <= 40 ? name : name.substring(0, 40) + "…";
    }
}
