package belonax.thread;

import belonax.BadInput;
import java.util.OptionalDouble;

/**
 * A thread as the needle meets it.
 *
 * @param ageYears age in years, 0 to 200; empty when nobody knows or asks
 * @param keptInSun whether it stood in sunlight, which weakens it faster than age does
 */
public record SewingThread(
        Tex tex, Fibre fibre, Build build, OptionalDouble ageYears, Quality quality, boolean keptInSun) {

    public SewingThread {
        ageYears.ifPresent(years -> BadInput.unless(
                years >= 0 && years <= 200,
                "ageYears",
                () -> "A thread's age is 0 to 200 years. Leave it out when you do not know it."));
    }

    /** Returns a good, young, spun polyester of this fineness: what most spools on the shelf are. */
    public static SewingThread spunPolyester(double tex) {
        return new SewingThread(new Tex(tex), Fibre.POLYESTER, Build.SPUN, OptionalDouble.empty(), Quality.GOOD, false);
    }

    /** Returns the same thread in another fibre and build. */
    public SewingThread of(Fibre newFibre, Build newBuild) {
        return new SewingThread(tex, newFibre, newBuild, ageYears, quality, keptInSun);
    }

    /** Returns the same thread in another fineness. */
    public SewingThread withTex(double newTex) {
        return new SewingThread(new Tex(newTex), fibre, build, ageYears, quality, keptInSun);
    }

    /**
     * Returns the diameter in millimetres: sqrt(4 x tex x 1e-6 / (pi x density x packing)) x 1000. Tex 27 spun polyester
     * is about 0.20 mm. Source: docs/craft.md, "Thread diameter".
     */
    public double diameterMm() {
        double areaM2 = tex.value() * 1e-6 / (fibre.densityKgPerM3() * build.packing());
        return Math.sqrt(4 * areaM2 / Math.PI) * 1000;
    }

    /** Returns the tex that a thread of this fibre and build has at a diameter in millimetres. */
    public double texAtDiameter(double diameterMm) {
        double areaM2 = Math.PI * diameterMm * diameterMm / 4 * 1e-6;
        return areaM2 * fibre.densityKgPerM3() * build.packing() * 1e6;
    }

    public boolean isMetallic() {
        return fibre == Fibre.METALLIC || build == Build.METALLIC;
    }

    public boolean isMonofilament() {
        return build == Build.MONOFILAMENT;
    }

    /** Tells whether it gives with the cloth: cotton does not. */
    public boolean gives() {
        return fibre != Fibre.COTTON && !isMetallic();
    }

    /** Tells whether a snap test is due: over five years old, or kept in the sun. */
    public boolean wantsSnapTest() {
        return keptInSun || ageYears.orElse(0) > 5;
    }

    /** Returns it in words, such as {@code polyester tex 25} or {@code nylon monofilament tex 12}. */
    public String words() {
        String made = isMetallic() ? "metallic" : fibre.words() + (build == Build.SPUN ? "" : " " + build.words());
        return made + " " + tex;
    }
}
