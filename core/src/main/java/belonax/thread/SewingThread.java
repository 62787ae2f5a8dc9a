package belonax.thread;

import belonax.BadInput;
import java.util.OptionalDouble;

/**
 * A thread as the needle meets it.
 *
 * @param ageYears age in years, 0 to 200; empty when nobody knows or asks
 * @param tex fineness of one strand
 * @param keptInSun whether it stood in sunlight, which weakens it faster than age does
 * @param strands how many strands go through the eye together, 1 or 2
 */
public record SewingThread(
        Tex tex, Fibre fibre, Build build, OptionalDouble ageYears, Quality quality, boolean keptInSun, int strands) {

    public SewingThread {
        BadInput.unless(
                strands == 1 || strands == 2,
                "strands",
                () -> "One strand goes through the eye, or two. For more, take a thicker thread.");
        ageYears.ifPresent(years -> BadInput.unless(
                years >= 0 && years <= 200,
                "ageYears",
                () -> "A thread's age is 0 to 200 years. Leave it out when you do not know it."));
    }

    /** Returns one strand. */
    public SewingThread(
            Tex tex, Fibre fibre, Build build, OptionalDouble ageYears, Quality quality, boolean keptInSun) {
        this(tex, fibre, build, ageYears, quality, keptInSun, 1);
    }

    /** Returns a good, young, spun polyester of this fineness: what most spools on the shelf are. */
    public static SewingThread spunPolyester(double tex) {
        return new SewingThread(new Tex(tex), Fibre.POLYESTER, Build.SPUN, OptionalDouble.empty(), Quality.GOOD, false);
    }

    /** Returns the same thread in another fibre and build. */
    public SewingThread of(Fibre newFibre, Build newBuild) {
        return new SewingThread(tex, newFibre, newBuild, ageYears, quality, keptInSun, strands);
    }

    /** Returns the same thread in another fineness. */
    public SewingThread withTex(double newTex) {
        return new SewingThread(new Tex(newTex), fibre, build, ageYears, quality, keptInSun, strands);
    }

    /** Returns the same thread in so many strands. */
    public SewingThread inStrands(int count) {
        return new SewingThread(tex, fibre, build, ageYears, quality, keptInSun, count);
    }

    /** Returns the fineness of all strands together, in tex. */
    public double totalTex() {
        return tex.value() * strands;
    }

    /**
     * Returns the diameter in millimetres: sqrt(4 x tex x 1e-6 / (pi x density x packing)) x 1000. Tex 27 spun polyester
     * is about 0.20 mm; two strands count by their sum. Source: docs/craft.md, "Thread diameter".
     */
    public double diameterMm() {
        double areaM2 = totalTex() * 1e-6 / (fibre.densityKgPerM3() * build.packing());
        return Math.sqrt(4 * areaM2 / Math.PI) * 1000;
    }

    /** Returns the tex that a strand of this fibre and build has when all strands together have a diameter in millimetres. */
    public double texAtDiameter(double diameterMm) {
        double areaM2 = Math.PI * diameterMm * diameterMm / 4 * 1e-6;
        return areaM2 * fibre.densityKgPerM3() * build.packing() * 1e6 / strands;
    }

    public boolean isMetallic() {
        return fibre == Fibre.METALLIC || build == Build.METALLIC;
    }

    public boolean isMonofilament() {
        return build == Build.MONOFILAMENT;
    }

    /** Tells whether it is bright, slippery rayon that is weak when it is wet. */
    public boolean isRayon() {
        return fibre == Fibre.RAYON;
    }

    /** Tells whether it is a smooth filament, which wants a light pull. */
    public boolean isFilament() {
        return build == Build.FILAMENT;
    }

    /** Tells whether it gives with the cloth: cotton does not. */
    public boolean gives() {
        return fibre != Fibre.COTTON && !isMetallic();
    }

    /** Tells whether it sheds so much lint that cleaning comes sooner: cheap thread and thread of unknown make. */
    public boolean shedsLint() {
        return quality != Quality.GOOD;
    }

    /** Tells whether a snap test is due: over five years old, kept in the sun, or of unknown make. */
    public boolean wantsSnapTest() {
        return isAged() || quality == Quality.UNKNOWN;
    }

    /** Tells whether age or sun may have made it brittle. */
    public boolean isAged() {
        return keptInSun || ageYears.orElse(0) > 5;
    }

    /** Returns its fineness in words, such as {@code tex 25} or {@code two strands of tex 25}. */
    public String texWords() {
        return strands == 1 ? tex.toString() : "two strands of " + tex;
    }

    /** Returns it in words, such as {@code polyester tex 25} or {@code nylon monofilament tex 12}. */
    public String words() {
        String made = isMetallic() ? "metallic" : fibre.words() + (build == Build.SPUN ? "" : " " + build.words());
        return made + " " + tex + (strands == 1 ? "" : ", doubled");
    }
}
