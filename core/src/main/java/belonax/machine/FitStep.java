package belonax.machine;

import java.util.ArrayList;
import java.util.List;

/**
 * One step of changing a needle, worded for one machine. Source: docs/craft.md, "Fitting a needle".
 *
 * @param title what to do, in a few words
 * @param text how, whole sentences
 * @param caution what can hurt; empty where nothing can
 * @param school on what sewists differ, with our default; empty where they agree
 */
public record FitStep(Scene scene, String title, String text, String caution, String school) {

    /** What the drawing of a step shows. */
    public enum Scene {
        BAR_UP,
        THREAD_OUT,
        HOLE_COVERED,
        CLAMP_LOOSE,
        NEEDLE_OUT,
        FLAT,
        PUSH_UP,
        CLAMP_TIGHT,
        HAND_TURN,
        THREADED
    }

    /** Returns the steps for a machine, in order. */
    public static List<FitStep> of(Machine machine, boolean hasThreader, boolean roundShank) {
        List<FitStep> steps = new ArrayList<>();
        steps.add(new FitStep(
                Scene.BAR_UP,
                "Needle bar to its top, then power off",
                "Turn the wheel " + machine.wheelTurn().words()
                        + " until the needle stands at its highest. Then switch the" + " machine off.",
                "Power off before your hands go near the needle.",
                ""));
        steps.add(
                new FitStep(
                        Scene.THREAD_OUT,
                        "Draw the thread out forwards",
                        "Foot up. Cut the thread at the spool and draw it out through the needle, never back through the discs: lint"
                                + " leaves with it.",
                        "",
                        "Some leave the thread in the eye as a leash until the needle is out. We draw it out and cover the hole instead."));
        steps.add(new FitStep(
                Scene.HOLE_COVERED,
                "Cover the hole",
                "Lower the foot or take it off for room. Lay a card or a piece of cloth over the opening of the plate, so that"
                        + " nothing falls in.",
                "",
                ""));
        steps.add(new FitStep(
                Scene.CLAMP_LOOSE,
                "Hold the needle and loosen the clamp",
                "Hold it with fingers or a small holder. Half a turn of the clamp does; the screw stays in.",
                "Mind the point.",
                ""));
        steps.add(new FitStep(
                Scene.NEEDLE_OUT,
                "Take it out and look at it",
                "Straight? Point whole? You will say where it goes when you are done: parked in a marked place, the sharps jar,"
                        + " or back into its packet if it is nearly new.",
                "A used needle lying loose finds a hand.",
                ""));
        steps.add(new FitStep(
                Scene.FLAT,
                roundShank
                        ? "Scarf to the hook"
                        : "Flat to the " + machine.flatSide().words(),
                roundShank
                        ? "A round shank can stand anyhow: turn it by hand until the hollow above the eye, the scarf, faces the hook."
                        : "The flat side of the shank faces the "
                                + machine.flatSide().words()
                                + "; the hollow above the eye, the scarf, then faces the hook. Trust the manual if it says otherwise.",
                "",
                ""));
        steps.add(new FitStep(
                Scene.PUSH_UP,
                "Push it up to the stop, then once more",
                "Up as far as it goes. Then push again: a needle a millimetre too low skips, or strikes the hook.",
                "",
                ""));
        steps.add(new FitStep(
                Scene.CLAMP_TIGHT,
                "Tighten the clamp",
                "Finger-tight, then an eighth of a turn. A screw whose tip is dented holds no longer and is replaced.",
                "Do not force it.",
                "Fingers only, and looked at again now and then; fingers and an eighth; a small driver, firm and unforced. We take"
                        + " the middle way and look again after ten minutes of sewing."));
        steps.add(new FitStep(
                Scene.HAND_TURN,
                "Card away, one full turn by hand",
                "Power still off. Turn the wheel " + machine.wheelTurn().words()
                        + " through a whole stitch. No sound of metal? Good."
                        + (hasThreader
                                ? " If the threader reaches the eye, the height is right; not for a wing or twin needle."
                                : ""),
                "A sound of metal: stop, and fit it again. A machine with a metal sound is not run.",
                ""));
        steps.add(new FitStep(
                Scene.THREADED,
                "Thread it, and bring the bobbin thread up",
                "Foot up, every guide. Through the eye from the groove side to the hook side; moisten the needle, not the thread."
                        + (machine.bobbin() == BobbinKind.NONE
                                ? " Thread the loopers as the manual has it."
                                : " Hold the tail and turn once more by hand: the bobbin thread comes up in that one turn."),
                "",
                ""));
        return List.copyOf(steps);
    }
}
