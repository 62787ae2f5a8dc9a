package belonax.hazard;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Fade;
import belonax.cloth.Structure;
import belonax.cloth.Trait;

/**
 * One cloth that the seam joins, as the rules about points ask it: each by itself, so that a stack fares as its worst cloth
 * does. How far it is this or that is a number from 0 to 1, so that no gram tips a judgement. Source: docs/craft.md, "Needle
 * types" and "No cliffs".
 */
final class Carried {
    private final Cloth cloth;
    private final double share;
    private final boolean knit;
    private final boolean woven;
    private final boolean hide;
    private final boolean film;
    private final boolean tight;
    private final boolean coated;
    private final boolean rubber;
    private final double stretch;
    private final double delicacy;
    private final double denseTwill;
    private final double tightAndFine;
    private final double fine;
    private final double elastic;
    private final double cleanlyPierced;

    /** @param share of the weight of all carrying cloths, 0 to 1 */
    Carried(Cloth cloth, double share) {
        this.cloth = cloth;
        this.share = share;
        knit = cloth.structure() == Structure.KNIT;
        woven = cloth.structure() == Structure.WOVEN;
        hide = cloth.structure() == Structure.HIDE;
        film = cloth.structure() == Structure.FILM;
        tight = cloth.density() == Density.TIGHT;
        coated = cloth.has(Trait.COATED);
        rubber = cloth.has(Trait.RUBBER);
        stretch = cloth.stretchPercent();
        delicacy = cloth.delicacy();
        denseTwill = denseTwill(cloth);
        tightAndFine = woven && tight ? 1 - Fade.between(cloth.weightGsm(), 150, 250) : 0;
        fine = woven ? 1 - Fade.between(cloth.weightGsm(), 40, 160) : 0;
        elastic = knit ? Fade.in(stretch, tight ? 20 : 45) : 0;
        boolean piercedByNature = (coated || film) && !knit && !hide;
        cleanlyPierced = knit || hide
                ? 0
                : piercedByNature ? 1 : Math.max(tightAndFine, woven && !isOpen() ? delicacy * delicacy : 0);
    }

    /** Returns how far a cloth is dense twill, denim or canvas: tight, uncoated, from about 200 g/m² on. */
    static double denseTwill(Cloth cloth) {
        return cloth.structure() == Structure.WOVEN && cloth.density() == Density.TIGHT && !cloth.has(Trait.COATED)
                ? Fade.between(cloth.weightGsm(), 160, 240)
                : 0;
    }

    Cloth cloth() {
        return cloth;
    }

    double share() {
        return share;
    }

    boolean isKnit() {
        return knit;
    }

    boolean isWoven() {
        return woven;
    }

    boolean isHide() {
        return hide;
    }

    boolean isFilm() {
        return film;
    }

    boolean isTight() {
        return tight;
    }

    boolean isOpen() {
        return cloth.density() == Density.OPEN;
    }

    boolean isCoated() {
        return coated;
    }

    boolean hasRubber() {
        return rubber;
    }

    /** Tells whether it holds together without yarns: felt, paper. */
    boolean isNonwoven() {
        return cloth.structure() == Structure.NONWOVEN;
    }

    boolean keepsHoles() {
        return cloth.has(Trait.PERMANENT_HOLES) || hide || film;
    }

    /** Returns how far it is a surface that a point pierces rather than parts: coating or film. */
    double surface() {
        return !knit && (coated || film) ? 1 : 0;
    }

    double stretchPercent() {
        return stretch;
    }

    double delicacy() {
        return delicacy;
    }

    double denseTwill() {
        return denseTwill;
    }

    /** Returns how far it is fine, close and light: microfibre, ripstop, taffeta. */
    double tightAndFine() {
        return tightAndFine;
    }

    /** Returns how far fine close yarns are so many that no rounded point gets through; a light taffeta still lets one pass. */
    double closedToRoundedPoints() {
        return tightAndFine * Fade.in(cloth.weightGsm(), 100);
    }

    /** Returns how far it is a woven too fine for a jeans needle. */
    double fine() {
        return fine;
    }

    /** Returns how far it is a knit whose give wants a stretch needle before a jersey one. */
    double elastic() {
        return elastic;
    }

    /** Returns how far it is a knit that gives so much that it closes on a jersey needle too: swim knit, rib, mesh. */
    double veryElastic() {
        return veryElastic(cloth);
    }

    static double veryElastic(Cloth cloth) {
        return cloth.structure() == Structure.KNIT ? Fade.between(cloth.stretchPercent(), 60, 80) : 0;
    }

    /** Returns how far it is a woven without give. */
    double crisp() {
        return woven ? Fade.out(stretch, 8) : 0;
    }

    /** Returns how far a slim acute point gains on it. */
    double cleanlyPierced() {
        return cleanlyPierced;
    }

    /** Returns the stretch up to which a plain point can pass on this knit: 40 %, 30 % on a dense one. */
    double plainPointLimitPercent() {
        return tight ? 30 : 40;
    }

    /** Returns how far it is a knit beyond what a plain point can pass. */
    double beyondPlainPoint() {
        return knit ? Fade.in(stretch, plainPointLimitPercent()) : 0;
    }

    String percent() {
        return String.valueOf(Math.round(stretch));
    }
}
