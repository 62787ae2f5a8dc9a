package belonax.room.plan;

import belonax.BadInput;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;

/**
 * What a project wants that is not in the drawer, as it stands on the shopping list.
 *
 * @param project the project that it is for
 * @param called what that was called when it was written
 * @param things what to buy, at least one
 */
@IsCard(CardKind.SHOPPING)
public record ShoppingNote(UUID project, String called, List<String> things) implements Card {
    private static final int MOST = 100;

    public ShoppingNote {
        things = List.copyOf(things);
        BadInput.unless(
                !things.isEmpty(), "things", () -> "Everything for it is in the drawer; there is nothing to buy.");
        BadInput.unless(
                things.size() <= MOST,
                "things",
                () -> "A shopping list has at most " + MOST + " things for a project.");
        Card.checkLength("called", called, 80);
        things.forEach(thing -> Card.checkLength("things", thing, 200));
    }

    /** Returns the note with what is wanted now; what was bought meanwhile stands on it no longer. */
    ShoppingNote wanting(List<String> now) {
        return new ShoppingNote(project, called, now);
    }

    ShoppingNote without(String thing) {
        List<String> left = new ArrayList<>(things);
        left.remove(thing);
        return new ShoppingNote(project, called, left);
    }

    /** Tells whether all of these stand on it. */
    public boolean holds(List<String> wanted) {
        Set<String> all = new LinkedHashSet<>(things);
        return all.containsAll(wanted);
    }

    @Override
    public String words() {
        return "shopping list for " + called;
    }

    @Override
    public String wordsToFind() {
        return (words() + " " + String.join(" ", things)).toLowerCase(Locale.ROOT);
    }
}
