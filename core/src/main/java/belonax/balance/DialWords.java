package belonax.balance;

import belonax.Shown;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The sentences of the advisor: what the last strip told, and so which way the dial goes. */
final class DialWords {
    private static final List<String> FRACTIONS = List.of("", "¼", "½", "¾");

    private final BalanceSetup setup;
    private final int past;
    private final List<Strip> strips;

    DialWords(BalanceSetup setup, int past, List<Strip> strips) {
        this.setup = setup;
        this.past = past;
        this.strips = strips;
    }

    String sewAt(double dial) {
        if (strips.isEmpty()) {
            return past == 0
                    ? "Start at " + setting(dial) + ", the usual place for this thread and stack; the strip decides."
                    : "Start at " + setting(dial) + ": that is where "
                            + (past == 1 ? "1 past balance" : past + " past balances")
                            + " of this machine point for this thread and stack.";
        }
        Strip last = strips.get(strips.size() - 1);
        return told(last) + " " + move(last, dial);
    }

    String keep(double dial, double chance) {
        return String.format(
                Locale.ROOT,
                "Balanced at %s: neither face shows the other thread, and %.0f in 100 such settings are. Write it down and leave"
                        + " it.",
                setting(dial),
                Math.floor(100 * chance));
    }

    String nest() {
        return "A nest from the first stitches is not a matter of the dial: the top thread is not in its discs, or missed the"
                + " take-up. Foot up, thread it again, and sew the strip once more.";
    }

    String nestAgain() {
        return "The third nest in a row though it was threaded anew: a technician looks at take-up, discs and hook.";
    }

    String erratic() {
        return "Tension that comes and goes is not the dial: thread it again with the foot up, and look at the spool's delivery,"
                + " the discs and the bobbin.";
    }

    String erraticStill() {
        return "It still comes and goes after threading anew: a bent check spring or worn discs are a technician's.";
    }

    String bobbinBreaks() {
        return "The faces are clean and yet the bobbin thread breaks: balanced is not light. "
                + (sealed()
                        ? "This case is sealed, so take a finer or smoother thread in the bobbin, then find the balance again lower"
                                + " down."
                        : "Slacken the bobbin screw an eighth of a turn, then lower the dial.");
    }

    String bothTooStrong() {
        return "The faces are clean and the seam is drawn up again and again: both pulls are too strong. "
                + (sealed()
                        ? "This case is sealed: a finer thread in the bobbin pulls less; then the dial goes down."
                        : "Test the bobbin's pull and slacken it if it is high, then lower the dial.");
    }

    String endOfTheDial(boolean low) {
        String found = low
                ? "The dial runs out at its low end and the top still pulls too hard, so the bobbin pulls too little. "
                : "The dial runs out at its high end and the top still pulls too little: the bobbin pulls too hard, or the discs are"
                        + " dirty. ";
        if (sealed()) {
            return found
                    + (low
                            ? "This case is sealed: a thicker thread in the bobbin pulls more."
                            : "Draw a soft cord through the open discs; this case is sealed, and a finer thread in the bobbin pulls"
                                    + " less.");
        }
        return found
                + (low
                        ? "Dial back to its usual place, tighten the bobbin screw an eighth, and begin anew."
                        : "Dial back to its usual place, draw a soft cord through the open discs, test the bobbin's pull, and begin"
                                + " anew.");
    }

    String tooMany() {
        return strips.size()
                + " strips and no balance: it is not the dial. Take the notes of these strips to a technician.";
    }

    /** Returns what the place of the dial tells, if it stands outside its band. */
    Optional<String> suspicion(double dial, boolean kept) {
        Dial its = setup.dial();
        boolean low = dial < its.normalLow();
        if (!low && dial <= its.normalHigh() || !kept && strips.isEmpty()) {
            return Optional.empty();
        }
        String where = setting(dial) + " lies " + (low ? "below" : "above") + " the usual band. ";
        if (!setup.hasOrdinaryThread()) {
            return Optional.of(
                    where + "This is not an everyday thread, so that may be its own doing; if it was so with everyday"
                            + " thread too, look at the bobbin.");
        }
        if (its.kind() == DialKind.AUTO) {
            return Optional.of(where
                    + "A machine with automatic tension that has to leave its marks for ordinary thread tells of dirt in the"
                    + " discs or of its threading.");
        }
        return Optional.of(where
                + (low
                        ? "With ordinary thread a loose bobbin is the likely reason: was its screw touched? Test its pull."
                        : "With ordinary thread a tight bobbin or dirty discs are the likely reason: test its pull, and draw a"
                                + " soft cord through the open discs."));
    }

    private String told(Strip last) {
        String at = "At " + setting(last.dial()) + " ";
        if (last.isDrawnUp()) {
            return at + "the seam was drawn up with clean faces: both pulls are strong.";
        }
        if (last.isFuzzy()) {
            return at + "both faces showed the other thread: nearly balanced, with fuzzy thread.";
        }
        if (last.isTooTight()) {
            return at
                    + (last.isClean()
                            ? "the top thread broke: the top pulls too hard."
                            : last.top() == TopFace.DOTS
                                    ? "the bobbin's colour dotted the top: the top pulls too hard."
                                    : "the top thread lay straight: the top pulls far too hard.");
        }
        if (last.isTooLoose()) {
            return at
                    + (last.underside() == Underside.DOTS
                            ? "the top colour dotted the underside: the top pulls too little."
                            : "the trouble lay below, and that is the top thread's doing: it pulls far too little.");
        }
        return at + "the strip was clean.";
    }

    private String move(Strip last, double dial) {
        if (Math.abs(dial - last.dial()) < 1e-9) {
            return "One more there makes sure that it was read right.";
        }
        return (dial < last.dial() ? "Down to " : "Up to ") + setting(dial) + ".";
    }

    private String setting(double dial) {
        return setup.dial().kind() == DialKind.KNOB ? number(dial) + " turns" : number(dial);
    }

    /** Returns a setting as it stands on a dial: quarters as fractions, anything finer as a decimal. */
    private static String number(double dial) {
        double quarters = dial * 4;
        if (Math.abs(quarters - Math.rint(quarters)) > 1e-6) {
            return Shown.number(dial);
        }
        long whole = Math.round(Math.floor(quarters / 4 + 1e-9));
        String part = FRACTIONS.get((int) Math.round(quarters - 4 * whole));
        return whole == 0 && !part.isEmpty() ? part : whole + part;
    }

    private boolean sealed() {
        return setup.bobbin() == BobbinKind.SEALED;
    }
}
