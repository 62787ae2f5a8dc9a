package belonax.room.drawer;

import belonax.room.card.Card;
import org.jspecify.annotations.Nullable;

/** A card whose thread is counted in metres. */
public interface OnMetres<T extends Card> extends Card {
    /** Returns how much is left; null when nobody knows. */
    @Nullable
    Double metresLeft();

    /** Returns the same with so much left on it. */
    T withMetresLeft(double metres);
}
