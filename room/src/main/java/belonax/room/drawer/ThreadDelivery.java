package belonax.room.drawer;

import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.event.TableWork;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells how a spool wants to come off: the same words wherever one threads, balances or mends. */
@Component
public class ThreadDelivery {
    private final DrawerStore drawer;
    private final Clock clock;

    ThreadDelivery(DrawerStore drawer, Clock clock) {
        this.drawer = drawer;
        this.clock = clock;
    }

    /** Returns what to do with a spool; nothing where it is not known. */
    @Transactional(readOnly = true)
    public List<String> advice(Optional<UUID> spool) {
        return spool.flatMap(id -> drawer.find(Spool.class, id))
                .map(Kept::card)
                .map(otherSpool ->
                        otherSpool.delivery(LocalDate.now(clock).getYear()).advice())
                .orElse(List.of());
    }

    /** Returns what to do with the spool that lies on a table. */
    @Transactional(readOnly = true)
    public List<String> advice(TableWork work) {
        return advice(Optional.ofNullable(work.top().spool()));
    }
}
