package belonax.room.drawer;

import belonax.room.card.Card;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds what lies in the drawer. */
@Component
public class DrawerContents {
    private final DrawerStore drawer;

    DrawerContents(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** What was found. */
    public record Found(
            List<Kept<Swatch>> swatches,
            List<Kept<Spool>> spools,
            List<Kept<Packet>> packets,
            List<Kept<WoundBobbin>> bobbins,
            List<Kept<ShelfPhoto>> photos) {}

    /**
     * Returns what holds these words; all of it when there are none. A bobbin lies with its spool: where one of the two is
     * found, both are.
     */
    @Transactional(readOnly = true)
    public Found find(String words) {
        Set<UUID> bobbins = ids(drawer.search(WoundBobbin.class, words));
        Set<UUID> spools = ids(drawer.search(Spool.class, words));
        List<Kept<WoundBobbin>> found = drawer.all(WoundBobbin.class).stream()
                .filter(kept -> bobbins.contains(kept.id())
                        || spools.contains(kept.card().spool()))
                .toList();
        found.forEach(kept -> spools.add(kept.card().spool()));
        return new Found(
                drawer.search(Swatch.class, words),
                drawer.all(Spool.class).stream()
                        .filter(kept -> spools.contains(kept.id()))
                        .toList(),
                drawer.search(Packet.class, words),
                found,
                drawer.search(ShelfPhoto.class, words));
    }

    private static <T extends Card> Set<UUID> ids(List<Kept<T>> cards) {
        return cards.stream().map(Kept::id).collect(Collectors.toCollection(HashSet::new));
    }

    /** Returns the spools that may be sewn with. */
    @Transactional(readOnly = true)
    public List<Kept<Spool>> soundSpools() {
        return soundSpools(drawer);
    }

    /** Returns the spools of a drawer that may be sewn with. */
    public static List<Kept<Spool>> soundSpools(DrawerStore drawer) {
        return drawer.all(Spool.class).stream()
                .filter(kept -> kept.card().isSound())
                .toList();
    }
}
