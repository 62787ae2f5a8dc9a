package belonax.room.drawer;

import belonax.room.card.Card;
import belonax.room.card.DrawerStore;
import belonax.room.card.DrawerStore.Done;
import belonax.room.drawer.PictureStore.Picture;
import belonax.room.usecase.UseCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Keeps cards together with a picture: both, or neither. */
@Service
public class PicturedCards {
    private final DrawerStore drawer;
    private final PictureStore pictures;

    PicturedCards(DrawerStore drawer, PictureStore pictures) {
        this.drawer = drawer;
        this.pictures = pictures;
    }

    /** Puts a card in, with its picture where there is one. */
    @UseCase
    public UUID add(Card card, Optional<Picture> picture) {
        Done done = drawer.add(card);
        picture.ifPresent(otherPicture -> pictures.keep(done.card(), otherPicture));
        return done.change();
    }

    /**
     * Puts several cards in; a picture belongs to the last of them.
     *
     * @return the change of each
     */
    @UseCase
    public List<UUID> addEach(List<Card> cards, Optional<Picture> picture) {
        List<Done> done = drawer.addEach(cards);
        picture.ifPresent(
                otherPicture -> pictures.keep(done.get(done.size() - 1).card(), otherPicture));
        return done.stream().map(Done::change).toList();
    }

    /**
     * Changes a card, and its picture where there is a new one.
     *
     * @param revision the revision that the sewist saw
     * @throws belonax.BadInput if there is no such card
     * @throws belonax.room.ChangedMeanwhile if it was changed since; its picture is as it was
     */
    @UseCase
    public UUID change(UUID id, int revision, Card card, Optional<Picture> picture) {
        UUID change = drawer.change(id, revision, card).change();
        picture.ifPresent(otherPicture -> pictures.keep(id, otherPicture));
        return change;
    }
}
