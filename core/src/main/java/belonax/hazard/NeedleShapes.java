package belonax.hazard;

import belonax.needle.Blade;
import belonax.needle.Eye;
import belonax.needle.NeedleType;
import belonax.needle.Tip;

/**
 * Groups of needles that meet cloth alike, told by point, eye and blade and never by name, so that a type added to
 * {@link NeedleType} falls into those that its shape deserves. Source: docs/craft.md, "Needle types".
 */
final class NeedleShapes {
    private NeedleShapes() {}

    static boolean ballOverOrdinaryScarf(NeedleType type) {
        return type.isBallPoint() && !type.hasDeepScarf();
    }

    static boolean easedTip(NeedleType type) {
        return type.tip() == Tip.EASED;
    }

    static boolean slender(NeedleType type) {
        return type.tip() == Tip.SLENDER;
    }

    static boolean acute(NeedleType type) {
        return type.tip() == Tip.ACUTE;
    }

    static boolean acuteOrSlender(NeedleType type) {
        return acute(type) || slender(type);
    }

    static boolean roundedOrSlender(NeedleType type) {
        return type.tip() == Tip.ROUNDED || slender(type);
    }

    /** A point made for wovens that is not acute; a winged blade has rules of its own. */
    static boolean forWovens(NeedleType type) {
        return (roundedOrSlender(type) || easedTip(type)) && !type.isWinged();
    }

    static boolean specialForWovens(NeedleType type) {
        return forWovens(type) && !type.isPlain();
    }

    static boolean roundedOrEased(NeedleType type) {
        return forWovens(type) && !slender(type);
    }

    static boolean roundedOverFullBlade(NeedleType type) {
        return forWovens(type) && !tapered(type);
    }

    static boolean roundedWithOrdinaryEye(NeedleType type) {
        return type.tip() == Tip.ROUNDED && type.eye().equals(Eye.STANDARD);
    }

    /** A rounded tip over a blade that no slot weakens. */
    static boolean roundedOverWholeBlade(NeedleType type) {
        return type.tip() == Tip.ROUNDED && !type.isSlotted();
    }

    /** What neither a strong blade, a deep groove nor a wing holds in line. */
    static boolean bendsAwayFromTheHook(NeedleType type) {
        return !type.isStrong() && !type.isBallPoint() && !type.isCutting() && !type.isWinged() && !longEye(type);
    }

    static boolean lightlyBuilt(NeedleType type) {
        return tapered(type) || easedTip(type);
    }

    static boolean fullBodied(NeedleType type) {
        return type.isStrong() || type.isPlain() && !type.isSlotted();
    }

    static boolean tapered(NeedleType type) {
        return type.blade() == Blade.TAPERED;
    }

    /** A rounded point that neither cuts a hide nor slips through it. */
    static boolean tearsHides(NeedleType type) {
        return type.isBallPoint() || roundedWithOrdinaryEye(type);
    }

    static boolean passesThinHides(NeedleType type) {
        return !tearsHides(type) && !type.isStrong() && !type.isCutting();
    }

    static boolean polishedEye(NeedleType type) {
        return type.eye().equals(Eye.POLISHED);
    }

    static boolean longPolishedEye(NeedleType type) {
        return type.eye().equals(Eye.LONG_POLISHED);
    }

    static boolean longEye(NeedleType type) {
        return type.eye().equals(Eye.LONG);
    }
}
