package belonax.match;

import belonax.hazard.Part;
import belonax.hazard.Reason;
import belonax.match.SetupCheck.Checked;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.thread.NeedleNote;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What is printed on the spool about needles, beside what we say; the spool's own word moves our ranking a little, and is heard also
 * where we say otherwise. Source: docs/craft.md, "The thread's window".
 *
 * @param needle the needle that the spool names; what it leaves out is as we say
 * @param agrees whether we say the same
 * @param words both, in whole sentences
 */
public record SpoolWord(Needle needle, boolean agrees, String words) {

    private static final Set<Part> OF_THE_NEEDLE = EnumSet.of(Part.NEEDLE_TYPE, Part.NEEDLE_SIZE);

    /** Returns it, where a spool is named that says something. */
    public static Optional<SpoolWord> of(MatchRequest request, Match match, SetupCheck check) {
        NeedleNote note = request.job().spoolNote();
        return note.isEmpty() ? Optional.empty() : Optional.of(of(request, match.best(), note, check));
    }

    private static SpoolWord of(MatchRequest request, Recommendation best, NeedleNote note, SetupCheck check) {
        Needle ours = best.needle();
        if (note.names(ours)) {
            return new SpoolWord(ours, true, "Your spool says " + note.words() + ", and so do we.");
        }
        Needle theirs = Needle.of(
                ours.system(), note.type().orElse(ours.point()), note.size().orElse(ours.size()));
        Checked judged = check.check(request, NeedleInUse.fresh(theirs));
        // What speaks for our needle, not what holds for any.
        String because = best.reasons().stream()
                .filter(reason -> reason.weight() < 0 && OF_THE_NEEDLE.contains(reason.part()))
                .findFirst()
                .map(Reason::text)
                .orElse("less is likely to go wrong with it.");
        return new SpoolWord(
                theirs,
                false,
                "Your spool says " + note.words() + ": " + judged.verdict().words() + ". " + judged.why() + " We say "
                        + ours.words() + ": " + because);
    }
}
