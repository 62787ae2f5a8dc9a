package belonax.room.card;

import belonax.BadInput;
import java.util.Optional;

/** A thing that is kept whole, such as a swatch; its record names its kind by {@link IsCard}. */
public interface Card {
    /** Returns what it is called in running text. */
    String words();

    /** Returns everything by which it is found. */
    String wordsToFind();

    /** Returns the machine that it is about, if it is about one. */
    default Optional<String> machine() {
        return Optional.empty();
    }

    /** Tells whether it is about something that goes on. */
    default boolean isOpen() {
        return false;
    }

    /** Refuses a text that is too long for a label. */
    static void checkLength(String field, String text, int most) {
        BadInput.unless(
                text.length() <= most,
                field,
                () -> "That is too long for a label: use at most " + most + " characters.");
        BadInput.unless(
                text.chars().noneMatch(letter -> Character.isISOControl(letter) && !Character.isWhitespace(letter)),
                field,
                () -> "There are signs in it that cannot be shown. Type it anew, in letters and figures.");
    }
}
