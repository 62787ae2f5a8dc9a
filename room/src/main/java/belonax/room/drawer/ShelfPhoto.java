package belonax.room.drawer;

import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.time.LocalDate;
import java.util.Locale;

/**
 * A photograph of the shelf, kept beside what was typed from it; the picture itself is kept under the card's id.
 *
 * @param shows what was on the shelf, in words
 */
@IsCard(CardKind.SHELF)
public record ShelfPhoto(String shows, LocalDate takenOn) implements Card {
    public ShelfPhoto {
        Card.checkLength("shows", shows, 200);
    }

    @Override
    public String words() {
        return "photograph of " + shows;
    }

    @Override
    public String wordsToFind() {
        return words().toLowerCase(Locale.ROOT);
    }
}
