package belonax.web.shared.form;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.room.card.Card;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Changes a card as its page asks, with all that the change records elsewhere: everything or nothing. A refusal comes back
 * as a word in the page's address, for which the page has a sentence.
 */
@Component
public class CardChanges {
    private static final String CHANGED = "changed";

    private final DrawerStore drawer;
    private final TransactionTemplate whole;

    CardChanges(DrawerStore drawer, TransactionTemplate whole) {
        this.drawer = drawer;
        this.whole = whole;
    }

    /**
     * Changes a card.
     *
     * @param page the card's page
     * @param entries with the revision that the sewist saw
     * @return where to go on: the page, with a word when it was refused
     */
    public <T extends Card> String change(
            Class<T> type, UUID id, String page, Entries entries, UnaryOperator<T> change) {
        try {
            int revision = entries.whole("revision", "Open the page again.");
            whole.executeWithoutResult(it -> {
                Kept<T> kept =
                        drawer.find(type, id).orElseThrow(() -> new BadInput("card", "It is no longer in the drawer."));
                drawer.change(id, revision, change.apply(kept.card()));
            });
            return "redirect:" + page;
        } catch (ChangedMeanwhile changed) {
            return "redirect:" + page + "?notice=" + CHANGED;
        } catch (BadInput refused) {
            String field = refused.problems().get(0).field();
            return "redirect:" + page + "?notice=" + (field.isEmpty() ? "refused" : field);
        }
    }

    /** Returns the sentence for a word that every card's page knows. */
    public static String sentence(String notice) {
        return notice.equals(CHANGED)
                ? "It was changed in another window, so nothing was recorded here. This is how it stands."
                : "Nothing was recorded.";
    }
}
