package belonax.room.demo;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.life.Wear;
import belonax.match.StitchAdvice;
import belonax.plan.ThreadUse;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.TableWork;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
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
    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final EventRepository events;
    private final Clock clock;
    private final Supplier<UUID> ids;

    DemoTables(DrawerStore drawer, ClothCatalogue cloths, EventRepository events, Clock clock, Supplier<UUID> ids) {
        this.drawer = drawer;
        this.cloths = cloths;
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
        Kept<Spool> spool = drawer.all(Spool.class).stream()
                .filter(it -> it.card().colour().equals(colour))
                .findFirst()
                .orElseThrow();
        Stack stack = Stack.of(cloths.get(cloth), 2);
        Instant at = clock.instant().minus(ago);
        events.add(ids.get(), at, new Event.Laid(machine, work(cloth, stack, spool)));
    }

    private TableWork work(String cloth, Stack stack, Kept<Spool> spool) {
        SewingThread thread =
                spool.card().thread(clock.instant().atZone(clock.getZone()).getYear());
        ThreadKept kept = ThreadKept.of(thread);
        Job job = Job.sewing(stack, thread).build();
        return new TableWork(
                List.of(new TableWork.Laid(cloth, null, stack.layers())),
                "",
                0,
                TableWork.Top.of(spool.id(), spool.card().colour(), thread),
                null,
                Purpose.SEAM,
                null,
                null,
                "",
                new SetupKept(
                        cloth,
                        stack.words(),
                        stack.layers(),
                        stack.thicknessMm(),
                        StitchAdvice.wishedFor(job).widthMm(),
                        kept,
                        null),
                Wear.of(stack, thread, Purpose.SEAM),
                ThreadUse.of(job));
    }
}
