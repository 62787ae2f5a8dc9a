package belonax.fault;

import belonax.machine.BobbinKind;
import java.util.List;

/**
 * Something that can be looked at or tried: a row of checks.txt.
 *
 * @param minutes how long it takes, the test strip included where something is changed
 * @param changes whether it changes something; else it is a mere look
 * @param needs what the machine must have
 * @param onRecord what “found it” leaves on record beside the search
 * @param tools what is needed; “nothing” when bare hands do
 * @param foundWhen what found-it looks like, a whole sentence
 */
public record Check(
        CheckId id,
        String title,
        double minutes,
        boolean changes,
        Who who,
        Needs needs,
        OnRecord onRecord,
        String tools,
        List<String> steps,
        String foundWhen,
        List<String> cautions) {

    /** Who may do it. */
    public enum Who {
        OWNER,
        TECHNICIAN
    }

    /** What a machine must have for a check to be made there. */
    public enum Needs {
        NOTHING,
        /** A bobbin: an overlocker has none. */
        BOBBIN,
        /** A bobbin case that comes out and can be adjusted: a sealed one does not. */
        CASE,
        /** Loopers: only an overlocker and its like have them. */
        LOOPERS;

        boolean isMetBy(BobbinKind bobbin) {
            return switch (this) {
                case NOTHING -> true;
                case BOBBIN -> bobbin != BobbinKind.NONE;
                case CASE -> bobbin == BobbinKind.REMOVABLE;
                case LOOPERS -> bobbin == BobbinKind.NONE;
            };
        }
    }

    public Check {
        steps = List.copyOf(steps);
        cautions = List.copyOf(cautions);
    }

    /** Returns the same check in a technician's hands. */
    Check byATechnician() {
        return new Check(
                id, title, minutes, changes, Who.TECHNICIAN, needs, onRecord, tools, steps, foundWhen, cautions);
    }
}
