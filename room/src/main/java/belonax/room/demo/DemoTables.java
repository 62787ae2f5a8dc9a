package belonax.room.demo;

import belonax.hazard.Purpose;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What lies on two tables of the made-up carnival workshop; nothing lies on the others yet. */
@Component
@Profile("demo")
@Order(Ordered.LOWEST_PRECEDENCE)
class DemoTables implements ApplicationRunner {
    private final DemoWork work;
    private final EventRepository events;
    private final Clock clock;
    private final Supplier<UUID> ids;

    DemoTables(DemoWork work, EventRepository events, Clock clock, Supplier<UUID> ids) {
        this.work = work;
        this.events = events;
        this.clock = clock;
        this.ids = ids;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (events.newest(EventKind.LAID, Limit.of(1)).isEmpty()) {
            lay("badger", "canvas", "sailcloth white", Duration.ofDays(12));
            lay("heron", "velvet", "midnight blue", Duration.ofMinutes(30));
        }
    }

    private void lay(String machine, String cloth, String colour, Duration ago) {
        Instant at = clock.instant().minus(ago);
        events.add(ids.get(), at, new Event.Laid(machine, work.of(cloth, 2, colour, Purpose.SEAM)));
    }
}
