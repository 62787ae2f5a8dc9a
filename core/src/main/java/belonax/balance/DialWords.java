package belonax.balance;

import belonax.Shown;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.thread.Build;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** The sentences of the advisor: what the last strip told, and so which way the dial goes. */
final class DialWords {
    private static final List<String> FRACTIONS = List.of("", "¼", "½", "¾");

    private final BalanceSetup setup;
    private final List<PastBalance> past;
    private final List<Strip> strips;

    DialWords(BalanceSetup setup, List<PastBalance> past, List<Strip> strips) {
        this.setup = setup;
        this.past = past;
        this.strips = strips;
    }

    String sewAt(double dial) {
        if (strips.isEmpty()) {
            return past.isEmpty()
                    ? "Start at " + setting(dial) + ", the usual place for this thread and stack; the strip decides."
                    : "Start at " + setting(dial) + ": that is where "
                            + (past.size() == 1 ? "1 past balance" : past.size() + " past balances")
                            + " of this machine point for this thread and stack.";
        }
        Strip last = strips.get(strips.size() - 1);
        return told(last) + " " + move(last, dial);
    }

    String keep(double dial, double chance, boolean suspicious) {
        return String.format(
                Locale.ROOT,
                "Balanced at %s: neither face shows the other thread, and %.0f in 100 such settings are. %s",
                setting(dial),
                Math.floor(100 * chance),
                then(suspicious));
    }

    /** What was seen outweighs what is believed, and the sentence says both. */
    String keepAsSeen(double dial, double chance, int cleanInARow, boolean suspicious) {
        return String.format(
                Locale.ROOT,
                "Kept at %s because %s strips running were clean on both faces there, and what was seen outweighs what was"
                        + " expected; by expectation alone it would be %.0f in 100. %s",
                setting(dial),
                cleanInARow == 2 ? "two" : "three",
                Math.floor(100 * chance),
                then(suspicious));
    }

    /** A balance at an odd place is not left at that. */
    private static String then(boolean suspicious) {
        return suspicious ? "Before you leave it, look at the bobbin." : "Write it down and leave it.";
    }

    String contradiction(int earlier, int last) {
        return "Strip " + (last + 1) + " at " + setting(strips.get(last).dial()) + " says the top pulls "
                + pull(strips.get(last)) + ", strip " + (earlier + 1) + " at "
                + setting(strips.get(earlier).dial()) + " that it pulls " + pull(strips.get(earlier))
                + ": one of them was misread.";
    }

    /** Names the strip that settles a contradiction, with what each reading would mean. */
    String settles(int earlier, int last, double dial) {
        boolean lastIsTight = strips.get(last).saysTooTight();
        String tight = "strip " + (1 + (lastIsTight ? last : earlier));
        String loose = "strip " + (1 + (lastIsTight ? earlier : last));
        return "These two cannot both be. Sew the next one at " + setting(dial)
                + ", in two colours: clean means that balance lies about there; too tight on top, that "
                + loose
                + " was misread; loops or dots below, that " + tight + " was.";
    }

    private static String pull(Strip strip) {
        return strip.saysTooTight() ? "too hard" : "too little";
    }

    String nest() {
        return "A nest from the first stitches is not a matter of the dial: the top thread is not in its discs, or missed the"
                + " take-up. Foot up, thread it again, and sew the strip once more.";
    }

    String nestAgain() {
        return "The third nest in a row, so it is not only the path: is the presser foot down while you sew, are both tails held,"
                + " is the bobbin seated under its spring? If all that is so, a technician looks at take-up, discs and hook.";
    }

    String erratic() {
        return "Tension that comes and goes is not the dial: thread it again with the foot up, and look at the spool's delivery,"
                + " the discs and the bobbin.";
    }

    String erraticStill() {
        return "It still comes and goes after threading anew: a bent check spring or worn discs are a technician's.";
    }

    String topBreaks() {
        return "The top thread broke again, and both faces are clean: it is not the dial, so leave it. Put in a new needle with an"
                + " eye wide enough, thread the whole path again and look for where it catches, and snap-test the thread.";
    }

    String noGrip(List<Strip> alike) {
        return "Loops below at " + settings(alike)
                + " alike: the dial grips nothing, because the thread does not lie in its discs."
                + " Foot up, thread it again; then draw a soft cord through the open discs." + wax();
    }

    String alwaysTight(List<Strip> alike) {
        return "The top thread lies in a line at " + settings(alike)
                + " alike, so it is not the dial: the bobbin thread has slipped out of its spring, or the top thread is caught."
                + (sealed()
                        ? " Seat the bobbin again."
                        : " Seat the bobbin again, look along the path; the screw comes last.");
    }

    private String settings(List<Strip> alike) {
        return alike.stream().map(strip -> setting(strip.dial())).collect(Collectors.joining(", "));
    }

    /** Wax stays in the discs, and then they grip no thread. */
    private String wax() {
        return setup.top().build() == Build.WAXED
                ? " Wax-coated thread is for hand sewing: it leaves its wax in the discs."
                : "";
    }

    String bobbinBroke() {
        return "The bobbin thread snapped: is it wound evenly and not over the edge, is there a nick in bobbin or case, is the"
                + " thread old? Wind another bobbin and sew the strip again. "
                + (sealed()
                        ? "This case is sealed: if it snaps again, take a finer or smoother thread in the bobbin."
                        : "The screw comes last, and only if it snaps again.");
    }

    String bobbinBreaks() {
        return "The bobbin thread breaks again, with another winding: the bobbin pulls too hard. "
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

    String bobbinTooStrong() {
        return "The seam is drawn up, and yet the top thread shows below: both pulls are too strong, the bobbin's most of all. "
                + (sealed()
                        ? "This case is sealed: take a finer thread in the bobbin, then lower the dial."
                        : "Slacken the bobbin screw an eighth of a turn, test its pull, then lower the dial.");
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
        UsualBand band = UsualBand.of(setup, past);
        boolean low = dial < band.low();
        if (!low && dial <= band.high() || !kept && strips.isEmpty()) {
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
        if (last.isLineOnBothFaces()) {
            return at
                    + "both faces looked far off at once: the thread is too thick for this stack, or both pulls are too strong. A finer"
                    + " thread, if you have one; else both are lightened.";
        }
        if (last.isPulledTight()) {
            return at
                    + "the underside was pulled tight. Some read that as too tight a top; where the bobbin thread lies straight"
                    + " and none of its colour shows on top, we read it as too loose. Two colours decide.";
        }
        if (last.isFuzzy()) {
            return at + "both faces showed the other thread: nearly balanced, with fuzzy thread.";
        }
        if (last.isTooTight()) {
            return at
                    + (last.top() == TopFace.DOTS
                            ? "the bobbin's colour dotted the top: the top pulls too hard."
                            : "the top thread lay straight: the top pulls far too hard.");
        }
        if (last.isTooLoose()) {
            return at
                    + (last.underside() == Underside.DOTS
                            ? "the top colour dotted the underside: the top pulls too little."
                            : "the trouble lay below, and that is the top thread's doing: it pulls far too little."
                                    + footUp(last)
                                    + wax());
        }
        if (last.brokeTheTopThreadOnly()) {
            return at
                    + "the top thread broke on a strip that was clean: that is needle, path or thread, and not the dial. Put in a"
                    + " new needle, look where the thread catches"
                    + (setup.top().isAged() ? ", snap-test this old thread." : ".");
        }
        return at + "the strip was clean." + clearThread();
    }

    /** What nobody sees cannot be read. */
    private String clearThread() {
        return setup.top().isMonofilament()
                ? " Clear thread hides its loops: feel for them below, or test in a coloured thread of its weight."
                : "";
    }

    /** Loops at a usual dial with an everyday thread are mostly a thread that never went between its discs. */
    private String footUp(Strip last) {
        boolean usual = setup.dial().isInBand(last.dial()) && setup.hasOrdinaryThread();
        return usual && last.underside() == Underside.LOOPS && strips.size() == 1
                ? " Was it threaded with the foot up? If not, thread it again first."
                : "";
    }

    private String move(Strip last, double dial) {
        if (Math.abs(dial - last.dial()) < 1e-9) {
            return "One more there makes sure that it was read right.";
        }
        if (last.isPulledTight()) {
            return "Sew the next at " + setting(dial) + ".";
        }
        boolean against = dial < last.dial() ? last.isTooLoose() : last.isTooTight();
        return against
                ? "One strip may be misread, and balance is expected elsewhere: sew the next at " + setting(dial) + "."
                : (dial < last.dial() ? "Down to " : "Up to ") + setting(dial) + ".";
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
