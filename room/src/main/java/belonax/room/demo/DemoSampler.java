package belonax.room.demo;

import belonax.balance.TopFace;
import belonax.balance.Underside;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.match.StitchAdvice;
import belonax.needle.NeedleType;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.BalanceRun.State;
import belonax.room.balance.BalanceRun.StripKept;
import belonax.room.card.DrawerStore;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The sampler book of the made-up carnival workshop, filled in once when the demo's own folder is empty. */
@Component
@Profile("demo")
class DemoSampler implements ApplicationRunner {
    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final Clock clock;
    private final Supplier<UUID> ids;

    DemoSampler(DrawerStore drawer, ClothCatalogue cloths, Clock clock, Supplier<UUID> ids) {
        this.drawer = drawer;
        this.cloths = cloths;
        this.clock = clock;
        this.ids = ids;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!drawer.all(BalanceRun.class).isEmpty()) {
            return;
        }
        kept("heron", "Heron", "poplin", 2, 25, NeedleType.UNIVERSAL, 80, 40, 4.25, strip(4, "CLEAN", "DOTS"));
        kept("heron", "Heron", "swim-knit", 2, 25, NeedleType.STRETCH, 75, 22, 3.75, strip(4.5, "DOTS", "CLEAN"));
        kept("heron", "Heron", "quilting-cotton", 2, 25, NeedleType.UNIVERSAL, 80, 3, 4);
        kept("badger", "Badger", "canvas", 2, 40, NeedleType.JEANS, 100, 12, 3.5, strip(4, "LINE", "CLEAN"));
        kept("badger", "Badger", "velvet", 2, 40, NeedleType.UNIVERSAL, 80, 60, 3, strip(3.75, "DOTS", "CLEAN"));
        run(
                "heron",
                "Heron",
                "velvet",
                2,
                25,
                NeedleType.UNIVERSAL,
                80,
                0,
                null,
                List.of(strip(3.75, "DOTS", "CLEAN"), strip(3.25, "CLEAN", "LOOPS")));
    }

    private void kept(
            String machine,
            String name,
            String cloth,
            int layers,
            double tex,
            NeedleType needle,
            int nm,
            long daysAgo,
            double dial,
            StripKept... before) {
        List<StripKept> strips = Stream.concat(Stream.of(before), Stream.of(strip(dial, "CLEAN", "CLEAN")))
                .toList();
        run(machine, name, cloth, layers, tex, needle, nm, daysAgo, dial, strips);
    }

    /** A run that ended at this dial, or is under way when there is none. */
    private void run(
            String machine,
            String name,
            String cloth,
            int layers,
            double tex,
            NeedleType needle,
            int nm,
            long daysAgo,
            @Nullable Double dial,
            List<StripKept> strips) {
        Stack stack = Stack.of(cloths.get(cloth), layers);
        SewingThread thread = SewingThread.spunPolyester(tex);
        SetupKept sewn = new SetupKept(
                cloth,
                stack.words(),
                layers,
                stack.heightMm(),
                StitchAdvice.wishedFor(Job.sewing(stack, thread).build()).widthMm(),
                ThreadKept.of(thread),
                null);
        drawer.add(new BalanceRun(
                machine,
                name,
                sewn,
                needle,
                nm,
                strips,
                dial == null ? State.OPEN : State.KEPT,
                dial,
                null,
                null,
                null,
                LocalDate.now(clock).minusDays(daysAgo),
                null,
                null,
                null));
    }

    private StripKept strip(double dial, String top, String underside) {
        return new StripKept(ids.get(), dial, TopFace.valueOf(top), Underside.valueOf(underside), List.of(), false);
    }
}
