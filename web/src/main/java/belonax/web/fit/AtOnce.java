package belonax.web.fit;

import belonax.room.supply.NeedleSupply.Choices;
import org.jspecify.annotations.Nullable;

/**
 * A change that needs no more questions, because the needle that goes in was named: the last step records it with one press.
 *
 * @param oldId the needle that comes out; null where none is in
 * @param words where it goes, in words
 */
public record AtOnce(FitForm form, @Nullable String oldId, String words) {
    /** Returns it with the old one parked where one was parked last; null where nobody ever said a place. */
    static @Nullable AtOnce of(int place, GoesIn in, Choices choices) {
        if (choices.old() != null && choices.lastPlace().isBlank()) {
            return null;
        }
        return new AtOnce(
                FitForm.usual(place, in, choices),
                choices.oldId(),
                choices.old() == null ? "Yes, it is in" : "Yes, it is in; the old one: " + choices.lastPlace());
    }
}
