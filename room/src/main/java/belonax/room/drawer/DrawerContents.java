package belonax.room.drawer;

import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds what lies in the drawer. */
@Component
public class DrawerContents {
    private final DrawerStore drawer;

    DrawerContents(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** What was found; of bobbins all, for each lies with its spool. */
    public record Found(
            List<Kept<Swatch>> swatches,
            List<Kept<Spool>> spools,
            List<Kept<Packet>> packets,
            List<Kept<WoundBobbin>> bobbins) {}

    /** Returns what holds these words; all of it when there are none. */
    @Transactional(readOnly = true)
    public Found find(String words) {
        return new Found(
                drawer.search(Swatch.class, words),
                drawer.search(Spool.class, words),
                drawer.search(Packet.class, words),
                drawer.all(WoundBobbin.class));
    }

    /** Returns the spools that may be sewn with. */
    @Transactional(readOnly = true)
    public List<Kept<Spool>> soundSpools() {
        return drawer.all(Spool.class).stream()
                .filter(it -> it.card().isSound())
                .toList();
    }
}
