package belonax.room.balance;

import belonax.match.Scrap;
import belonax.needle.Needle;
import belonax.room.ReadCache;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.TableWork;
import belonax.room.machine.MachineRepository;
import belonax.room.usecase.UseCase;
import belonax.room.workbench.Workbench;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;

/** What scraps showed: kept for their cloth, so that the next answer knows it. */
@Service
public class ScrapLog {
    private static final int MAX_READ = 200;

    private final EventRepository events;
    private final MachineRepository machines;
    private final Workbench table;
    private final ReadCache cache;
    private final Clock clock;
    private final Supplier<UUID> ids;

    ScrapLog(
            EventRepository events,
            MachineRepository machines,
            Workbench table,
            ReadCache cache,
            Clock clock,
            Supplier<UUID> ids) {
        this.events = events;
        this.machines = machines;
        this.table = table;
        this.cache = cache;
        this.clock = clock;
        this.ids = ids;
    }

    /**
     * Records what a scrap showed, and lays its work on the table.
     *
     * @return the action, by which it can be taken back
     */
    @UseCase
    public UUID seen(String machineId, Needle needle, Scrap.Showed showed, TableWork work) {
        machines.hold(machineId);
        UUID action = ids.get();
        table.lay(action, machineId, work);
        events.add(
                action,
                clock.instant(),
                new Event.ScrapSeen(
                        machineId,
                        work.setup().cloth(),
                        needle.type(),
                        needle.size().nm(),
                        showed,
                        work.words()));
        return action;
    }

    private List<Event.ScrapSeen> newest() {
        return events.newest(EventKind.SCRAP_SEEN, Limit.of(MAX_READ)).stream()
                .flatMap(stored -> stored.as(Event.ScrapSeen.class).stream())
                .toList();
    }

    /** Returns what scraps of a cloth showed, the newest first. */
    public List<Scrap> of(String cloth) {
        return cache.of("scraps", this::newest).stream()
                .filter(scrapSeen -> scrapSeen.cloth().equals(cloth))
                .map(Event.ScrapSeen::scrap)
                .distinct()
                .toList();
    }
}
