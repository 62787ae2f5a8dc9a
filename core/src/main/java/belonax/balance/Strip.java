package belonax.balance;

import belonax.BadInput;
import java.util.Set;

/**
 * One test strip as it was read: two colours, the very stack, with a curve and a corner.
 *
 * @param dial the dial at which it was sewn, 0 to 20
 * @param also what else was noticed
 */
public record Strip(double dial, TopFace top, Underside underside, Set<StripObservation> also) {
    public Strip {
        also = Set.copyOf(also);
        BadInput.unless(
                dial >= 0 && dial <= 20, "dial", () -> "A dial stands between 0 and 20. Read it off the machine.");
    }

    /** Returns a strip at which nothing else was noticed. */
    public static Strip of(double dial, TopFace top, Underside underside) {
        return new Strip(dial, top, underside, Set.of());
    }

    public boolean isNest() {
        return underside == Underside.NEST;
    }

    public boolean isErratic() {
        return also.contains(StripObservation.ERRATIC);
    }

    /** Tells whether neither thread shows where it should not. */
    public boolean isClean() {
        return top == TopFace.CLEAN && underside == Underside.CLEAN;
    }

    /** Tells whether the bobbin thread snapped. */
    boolean brokeTheBobbinThread() {
        return also.contains(StripObservation.BOBBIN_BROKE);
    }

    /** Tells whether the top thread snapped though both faces are clean: needle, path or thread, and not the dial. */
    boolean brokeTheTopThreadOnly() {
        return isClean() && also.contains(StripObservation.TOP_BROKE);
    }

    /** Tells whether both faces look as they did on another strip. */
    boolean looksLike(Strip other) {
        return top == other.top && underside == other.underside;
    }

    /** Tells whether neither face shows anything and nothing else was noticed. */
    boolean isPlainlyClean() {
        return isClean() && also.isEmpty();
    }

    /** Tells whether the seam is drawn up though no face shows the other thread: both pulls are strong. */
    boolean isDrawnUp() {
        boolean nothingShows = underside == Underside.CLEAN || underside == Underside.TIGHT;
        return nothingShows
                && (top == TopFace.DRAWN_UP || top == TopFace.CLEAN && also.contains(StripObservation.PUCKER));
    }

    /** Tells whether both faces look far off at once: a thread too thick for the stack, or both pulls too strong. */
    boolean isLineOnBothFaces() {
        return top == TopFace.LINE && underside.looseness() > 1;
    }

    /** Tells whether the seam is drawn up while the top thread is the looser: the bobbin pulls too hard, whatever the dial. */
    boolean isBobbinTooStrong() {
        return top == TopFace.DRAWN_UP && underside.looseness() > 0;
    }

    /** Tells whether the underside looks pulled tight and no second colour decides between the schools. */
    boolean isPulledTight() {
        return underside == Underside.TIGHT && top == TopFace.CLEAN && !isDrawnUp();
    }

    /** Tells whether the other thread's colour lay on top, and nothing below spoke against it. */
    boolean saysTooTight() {
        return top != TopFace.CLEAN && underside.looseness() == 0 && !isNest();
    }

    /** Tells whether the top colour lay below, and nothing on top spoke against it. */
    boolean saysTooLoose() {
        return top == TopFace.CLEAN && underside.looseness() > 0;
    }

    /** Tells whether one of the two was misread: too tight at the same or a lower dial than too loose. */
    boolean contradicts(Strip other) {
        return saysTooTight() && other.saysTooLoose() && dial <= other.dial
                || saysTooLoose() && other.saysTooTight() && dial >= other.dial;
    }

    /** Tells whether it says the top pulls too hard. */
    public boolean isTooTight() {
        return !isNest() && (step() > 0 || isDrawnUp());
    }

    /** Tells whether it says the top pulls too little. */
    public boolean isTooLoose() {
        return !isNest() && step() < 0;
    }

    /**
     * Returns where the lock seems to lie: from -2, far below, over 0, hidden inside, to 2, far on top. Both faces speaking at
     * once mean fuzzy thread about the middle.
     */
    int step() {
        return Math.max(-2, Math.min(2, top.tightness() - underside.looseness()));
    }

    /** Tells whether the two faces contradict each other. */
    boolean isFuzzy() {
        return top != TopFace.CLEAN && underside.looseness() > 0 && !isLineOnBothFaces() && !isBobbinTooStrong();
    }
}
