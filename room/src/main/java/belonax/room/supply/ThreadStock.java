package belonax.room.supply;

import belonax.machine.BobbinFit;
import belonax.machine.BobbinKind;
import belonax.plan.ThreadUse;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.OnMetres;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.event.StoredEvent;
import belonax.room.event.TableWork;
import belonax.room.machine.MachineCard;
import belonax.room.needle.WorkLog;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The metres on spools and wound bobbins: they fall with what is sewn, and rise again when that is taken back. */
@Component
public class ThreadStock implements WorkLog.Consumable, Consequence {
    private final DrawerStore drawer;
    private final EventRepository events;
    private final Clock clock;

    ThreadStock(DrawerStore drawer, EventRepository events, Clock clock) {
        this.drawer = drawer;
        this.events = events;
        this.clock = clock;
    }

    @Override
    public void counted(UUID action, String machineId, double minutes, TableWork work) {
        ThreadUse use = work.use();
        if (use == null) {
            return;
        }
        UUID spool = spool(work).map(Kept::id).orElse(null);
        UUID bobbin = bobbin(work).map(Kept::id).orElse(null);
        if (spool != null || bobbin != null) {
            double above =
                    off(Spool.class, spool, use.topMetres(minutes) * work.top().strands());
            double below = off(WoundBobbin.class, bobbin, use.belowMetres(minutes));
            events.add(action, clock.instant(), new Event.ThreadUsed(machineId, spool, above, bobbin, below));
        }
    }

    @Override
    public void takenBack(List<StoredEvent> taken) {
        for (StoredEvent stored : taken) {
            stored.as(Event.ThreadUsed.class).ifPresent(used -> {
                off(Spool.class, used.spool(), -used.above());
                off(WoundBobbin.class, used.bobbin(), -used.below());
            });
        }
    }

    /** Takes metres off a card that is still there; returns how many, which are fewer where fewer were on it. */
    private <T extends OnMetres<T>> double off(Class<T> type, @Nullable UUID id, double metres) {
        Optional<T> held =
                Optional.ofNullable(id).flatMap(uuid -> drawer.hold(type, uuid)).map(Kept::card);
        if (id == null || held.isEmpty()) {
            return 0;
        }
        double before = held.map(OnMetres::metresLeft).orElse(0.0);
        double taken = Math.min(before, metres);
        drawer.change(type, id, onMetres -> onMetres.withMetresLeft(before - taken));
        return taken;
    }

    private Optional<Kept<Spool>> spool(TableWork work) {
        return Optional.ofNullable(work.top().spool())
                .flatMap(id -> drawer.find(Spool.class, id))
                .filter(kept -> kept.card().metresLeft() != null);
    }

    /** The bobbin that is sewn off: the first that was wound from the spool that lies on the table for it. */
    private Optional<Kept<WoundBobbin>> bobbin(TableWork work) {
        UUID from = work.bobbin() == null ? work.top().spool() : work.bobbin();
        return from == null
                ? Optional.empty()
                : drawer.all(WoundBobbin.class).stream()
                        .filter(kept ->
                                from.equals(kept.card().spool()) && kept.card().metresLeft() != null)
                        .findFirst();
    }

    /**
     * What is left for a work.
     *
     * @param spoolMetres null where nobody counted them
     * @param bobbinMetres null where nobody counted them
     * @param minutes how long they last at the needle; null where that is not known
     * @param misfit why the bobbin is not for this machine, a whole sentence; null where it is, or nobody knows
     */
    public record Left(
            @Nullable Double spoolMetres,
            @Nullable Double bobbinMetres,
            @Nullable Double minutes,
            @Nullable String misfit) {}

    /** Returns what is left when these minutes, which run and are not counted yet, are taken off. */
    @Transactional(readOnly = true)
    public Left left(MachineCard machine, TableWork work, double runningMinutes) {
        ThreadUse use = work.use();
        Double spool = spool(work).map(kept -> kept.card().metresLeft()).orElse(null);
        Optional<WoundBobbin> wound = bobbin(work).map(Kept::card);
        Double bobbin = wound.map(WoundBobbin::metresLeft).orElse(null);
        String misfit = wound.filter(any -> machine.machine().bobbin() != BobbinKind.NONE)
                .flatMap(woundBobbin -> machine.fit(woundBobbin.bobbinClass(), woundBobbin.material()))
                .filter(bobbinFit -> !bobbinFit.fits())
                .map(BobbinFit::words)
                .orElse(null);
        if (use == null) {
            return new Left(spool, bobbin, null, misfit);
        }
        double above = use.topMetres(1) * work.top().strands();
        Double spoolLeft = less(spool, above * runningMinutes);
        Double bobbinLeft = less(bobbin, use.belowMetres(runningMinutes));
        return new Left(
                spoolLeft, bobbinLeft, sooner(lasts(spoolLeft, above), lasts(bobbinLeft, use.belowMetres(1))), misfit);
    }

    private static @Nullable Double less(@Nullable Double metres, double used) {
        return metres == null ? null : Double.valueOf(Math.max(0, metres - used));
    }

    private static @Nullable Double lasts(@Nullable Double metres, double aMinute) {
        return metres == null || aMinute <= 0 ? null : Double.valueOf(metres / aMinute);
    }

    private static @Nullable Double sooner(@Nullable Double one, @Nullable Double other) {
        return one == null ? other : other == null ? one : Double.valueOf(Math.min(one, other));
    }
}
