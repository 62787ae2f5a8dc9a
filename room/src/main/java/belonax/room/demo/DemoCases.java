package belonax.room.demo;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.fault.Glance;
import belonax.fault.Glance.Look;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.room.card.DrawerStore;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.MendCase.State;
import belonax.room.trouble.MendCase.Step;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Troubles of the made-up carnival workshop, filled in once when the demo's own folder is empty. */
@Component
@Profile("demo")
class DemoCases implements ApplicationRunner {
    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final FaultFinder finder;
    private final Clock clock;

    DemoCases(DrawerStore drawer, ClothCatalogue cloths, FaultFinder finder, Clock clock) {
        this.drawer = drawer;
        this.cloths = cloths;
        this.finder = finder;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!drawer.all(MendCase.class).isEmpty()) {
            return;
        }
        cured(310, "canvas", Symptom.DOTS_ON_TOP, CheckId.TOP_DIAL, CheckId.BOBBIN_SPRING_CLEAN);
        cured(270, "velvet", Symptom.SKIPPED_STITCHES, CheckId.NEEDLE_REPLACE);
        cured(
                226,
                "canvas",
                Symptom.UNEVEN_TENSION,
                CheckId.THREAD_SNAG,
                CheckId.BOBBIN_WOUND,
                CheckId.BOBBIN_SPRING_CLEAN);
        cured(190, "canvas", Symptom.NEST_BELOW, CheckId.RETHREAD_TOP);
        cured(151, "felt", Symptom.UNEVEN_TENSION, CheckId.THREAD_SNAG, CheckId.SPOOL_DELIVERY);
        cured(120, "canvas", Symptom.DOTS_ON_TOP, CheckId.TOP_DIAL, CheckId.BOBBIN_SEATED, CheckId.BOBBIN_SPRING_CLEAN);
        cured(84, "leather-bag", Symptom.SKIPPED_STITCHES, CheckId.NEEDLE_REPLACE, CheckId.NEEDLE_TYPE);
        cured(41, "canvas", Symptom.JAM, CheckId.THREAD_TAILS, CheckId.CLEAN_HOOK_AREA);
        cured(19, "canvas", Symptom.UNEVEN_TENSION, CheckId.BOBBIN_NEARLY_EMPTY, CheckId.BOBBIN_SPRING_CLEAN);
        drawer.add(new MendCase(
                "old-tin",
                "Old Tin",
                List.of(Symptom.SKIPPED_STITCHES, Symptom.BOBBIN_NOT_PICKED_UP),
                List.of(When.AFTER_NEEDLE_CHANGE),
                SearchSchool.LIKELIEST_PER_MINUTE,
                "quilting-cotton",
                Stack.of(cloths.get("quilting-cotton"), 2).words(),
                2,
                null,
                null,
                Map.of(Glance.PATH, Look.RIGHT, Glance.SPOOL, Look.RIGHT),
                null,
                List.of(step(CheckId.LAST_GUIDE, Result.NOT_IT)),
                State.OPEN,
                LocalDate.now(clock).minusDays(2)));
    }

    /** A trouble of Badger's that the last of these checks cured. */
    private void cured(int daysAgo, String cloth, Symptom symptom, CheckId... checks) {
        List<Step> steps = IntStream.range(0, checks.length)
                .mapToObj(i -> step(checks[i], i == checks.length - 1 ? Result.CURED : Result.NOT_IT))
                .toList();
        drawer.add(new MendCase(
                "badger",
                "Badger",
                List.of(symptom),
                List.of(),
                SearchSchool.LIKELIEST_PER_MINUTE,
                cloth,
                Stack.of(cloths.get(cloth), 2).words(),
                2,
                null,
                null,
                Map.of(),
                null,
                steps,
                State.CURED,
                LocalDate.now(clock).minusDays(daysAgo)));
    }

    private Step step(CheckId check, Result result) {
        return new Step(
                check,
                finder.table().check(check).title(),
                result,
                finder.table().check(check).minutes(),
                null,
                null);
    }
}
