package belonax.fault;

import java.util.List;

/**
 * Something that can be looked at or tried: a row of checks.txt.
 *
 * @param minutes how long it takes, the test strip included where something is changed
 * @param changes whether it changes something; else it is a mere look
 * @param tools what is needed; “nothing” when bare hands do
 * @param foundWhen what found-it looks like, a whole sentence
 */
public record Check(
        String id,
        String title,
        double minutes,
        boolean changes,
        Who who,
        String tools,
        List<String> steps,
        String foundWhen,
        List<String> cautions) {

    /** Who may do it. */
    public enum Who {
        OWNER,
        TECHNICIAN
    }

    public Check {
        steps = List.copyOf(steps);
        cautions = List.copyOf(cautions);
    }

    /** Returns the same check in a technician's hands. */
    Check byATechnician() {
        return new Check(id, title, minutes, changes, Who.TECHNICIAN, tools, steps, foundWhen, cautions);
    }
}
