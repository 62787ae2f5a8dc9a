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
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.TableWork;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.util.List;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Work of the made-up carnival workshop, as it lies on a table or will lie there. */
@Component
@Profile("demo")
class DemoWork {
    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final Clock clock;

    DemoWork(DrawerStore drawer, ClothCatalogue cloths, Clock clock) {
        this.drawer = drawer;
        this.cloths = cloths;
        this.clock = clock;
    }

    TableWork of(String cloth, int layers, String colour, Purpose purpose) {
        Kept<Spool> spool = drawer.all(Spool.class).stream()
                .filter(kept -> kept.card().colour().equals(colour))
                .findFirst()
                .orElseThrow();
        Stack stack = Stack.of(cloths.get(cloth), layers);
        SewingThread thread =
                spool.card().thread(clock.instant().atZone(clock.getZone()).getYear());
        Job job = Job.sewing(stack, thread).purpose(purpose).build();
        return new TableWork(
                List.of(new TableWork.Laid(cloth, null, layers)),
                "",
                0,
                TableWork.Top.of(spool.id(), spool.card().colour(), thread),
                null,
                purpose,
                null,
                null,
                "",
                new SetupKept(
                        cloth,
                        stack.words(),
                        layers,
                        stack.heightMm(),
                        StitchAdvice.wishedFor(job).widthMm(),
                        ThreadKept.of(thread),
                        null),
                Wear.of(stack, thread, purpose),
                ThreadUse.of(job));
    }
}
