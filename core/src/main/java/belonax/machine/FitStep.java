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
        BAR_UP(
                "Is the bar at its top, and the machine off?",
                "The needle stands highest when the take-up lever does: turn the wheel a little further. No light, no hum: then"
                        + " it is off. If you cannot reach the switch, pull the plug."),
        THREAD_OUT(
                "Is the thread out?",
                "It hangs where the discs are shut: foot up opens them. Draw from the needle; a stub that stays between the discs"
                        + " comes with a soft cord."),
        HOLE_COVERED(
                "Is the hole covered?",
                "Any card or scrap will do. If something fell in already: mains plug out, plate off, and take it out before"
                        + " anything turns."),
        CLAMP_LOOSE(
                "Is it loose?",
                "Half a turn with the machine's own driver. A screw that was forced gives with a firm, short turn; never turn the"
                        + " wheel against it."),
        NEEDLE_OUT(
                "Is it out, and looked at?",
                "It sits fast: another half turn, then straight down. A stump is drawn with small pliers, never pushed up."),
        FLAT(
                "Does it stand as drawn?",
                "Look from where you sit: the long groove faces the side from which you thread. If it turns in the clamp, hold it"
                        + " while you push."),
        PUSH_UP(
                "Does it go no further?",
                "Loosen the clamp a hair and push again. Lint or a piece of an old needle can sit at the stop: look with a light. One that"
                        + " goes higher than the old one did has no stop above it, or is too short: it skips as one that sits low."),
        CLAMP_TIGHT(
                "Does it hold?",
                "A screw that turns without end has a dented tip or a worn thread: it is replaced, and nothing is sewn until then."),
        HAND_TURN(
                "Was it silent?",
                "Stop and take it out again: pushed up to the stop, the right way round, the right system? Then once more by hand."),
        THREADED(
                "Did the bobbin thread come up?",
                "Hold the tail and turn once more. If it does not come: threaded from the groove side, the bobbin in the right way,"
                        + " 10 cm of its thread free?");

        private final String asks;
        private final String ifNot;

        Scene(String asks, String ifNot) {
            this.asks = asks;
            this.ifNot = ifNot;
        }

        /** Returns what is asked when the step is done. */
        public String asks() {
            return asks;
        }

        /** Returns what to do where the answer is no. */
        public String ifNot() {
            return ifNot;
        }
    }

    /** Returns the steps for a machine of whose threading nothing is told, in order. */
    public static List<FitStep> of(Machine machine, boolean hasThreader, boolean roundShank) {
        return of(machine, hasThreader, roundShank, Threading.UNTOLD);
    }

    /** Returns the steps for a machine, in order. */
    public static List<FitStep> of(Machine machine, boolean hasThreader, boolean roundShank, Threading threading) {
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
                "Foot up, " + guides(threading)
                        + ". Pull: it runs free now, and grips with the foot down. Through the eye from the groove side to the hook side; moisten the needle, not the thread."
                        + (machine.bobbin() == BobbinKind.NONE
                                ? " Thread the loopers as the manual has it."
                                : bobbin(machine, threading)
                                        + " Hold the tail and turn once more by hand: the bobbin thread comes up in that one turn."),
                "",
                ""));
        return List.copyOf(steps);
    }

    private static String guides(Threading threading) {
        return threading.guides().isEmpty() ? "every guide" : String.join(", ", threading.guides());
    }

    private static String bobbin(Machine machine, Threading threading) {
        String turns = threading
                .bobbinTurns()
                .map(bobbinTurn -> " The bobbin turns " + bobbinTurn.words() + " when its thread is drawn.")
                .orElse("");
        return turns
                + (machine.bobbin() == BobbinKind.REMOVABLE
                        ? " Its thread lies under the spring, and the case clicks against its stop."
                        : " Its thread lies under the spring.");
    }
}
