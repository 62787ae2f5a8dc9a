package belonax.room.plan;

import belonax.BadInput;
import belonax.room.card.CardType;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.usecase.UseCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What projects want and the drawer lacks. Each act returns the change by which it is taken back. */
@Service
public class ShoppingList {
    private final DrawerStore drawer;

    ShoppingList(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** Notes are kept as cards, so they go through undo, archive and copies like all of them. */
    @Configuration(proxyBeanMethods = false)
    static class Cards {
        @Bean
        CardType shoppingNote() {
            return new CardType(ShoppingNote.class);
        }
    }

    @Transactional(readOnly = true)
    public List<Kept<ShoppingNote>> all() {
        return drawer.all(ShoppingNote.class);
    }

    /** Returns what stands there for a project. */
    @Transactional(readOnly = true)
    public Optional<Kept<ShoppingNote>> of(UUID project) {
        return all().stream()
                .filter(kept -> kept.card().project().equals(project))
                .findFirst();
    }

    /**
     * Writes down what a project wants, in place of what was written for it before.
     *
     * @throws BadInput if there is nothing to buy
     */
    @UseCase
    public UUID write(UUID project, List<String> things) {
        // The project is held, so that two hands do not write two notes for it.
        Kept<Project> kept = drawer.hold(Project.class, project)
                .orElseThrow(() -> new BadInput("project", "That project was taken away."));
        return of(project)
                .map(otherKept -> drawer.change(ShoppingNote.class, otherKept.id(), old -> old.wanting(things)))
                .orElseGet(
                        () -> drawer.add(new ShoppingNote(project, kept.card().name(), things)))
                .change();
    }

    /** Strikes out what was bought; a note on which nothing is left goes. */
    @UseCase
    public UUID bought(UUID note, int revision, String thing) {
        Kept<ShoppingNote> kept = drawer.get(ShoppingNote.class, note);
        return kept.card().things().equals(List.of(thing))
                ? drawer.remove(note, revision).change()
                : drawer.change(ShoppingNote.class, note, revision, shoppingNote -> shoppingNote.without(thing))
                        .change();
    }
}
