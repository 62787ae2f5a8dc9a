package belonax.room.drawer;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.room.Choice;
import belonax.room.card.DrawerStore;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Every cloth that can be named: the sewist's own and those of the catalogue. */
@Component
public class ClothShelf {
    private final DrawerStore drawer;
    private final ClothCatalogue catalogue;

    ClothShelf(DrawerStore drawer, ClothCatalogue catalogue) {
        this.drawer = drawer;
        this.catalogue = catalogue;
    }

    /** Returns the cloth with this id: a swatch of the drawer or a cloth of the catalogue. */
    public Optional<Cloth> find(String id) {
        return drawer.find(Swatch.class, id).map(kept -> kept.card().cloth(id)).or(() -> catalogue.find(id));
    }

    /**
     * Returns the cloth with this id.
     *
     * @throws BadInput if there is none
     */
    public Cloth get(String id) {
        return find(id).orElseThrow(() -> new BadInput("cloth", "No cloth is called that. Choose one from the list."));
    }

    /** Returns what a list offers, the sewist's own first. */
    public List<Choice> choices() {
        return Stream.concat(
                        drawer.all(Swatch.class).stream()
                                .map(kept -> new Choice(
                                        kept.id().toString(), kept.card().name() + " (yours)")),
                        catalogue.all().stream()
                                .map(cloth -> new Choice(cloth.id(), cloth.name()))
                                .sorted(Comparator.comparing(Choice::words)))
                .toList();
    }
}
