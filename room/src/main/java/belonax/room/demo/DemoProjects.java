package belonax.room.demo;

import belonax.hazard.Purpose;
import belonax.room.card.DrawerStore;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Two projects of the carnival workshop: one half done, one that cannot be done as it was entered. */
@Component
@Profile("demo")
@Order(Ordered.LOWEST_PRECEDENCE - 1)
class DemoProjects implements ApplicationRunner {
    private static final int EVENING = 60;

    private final DrawerStore drawer;
    private final DemoWork work;

    DemoProjects(DrawerStore drawer, DemoWork work) {
        this.drawer = drawer;
        this.work = work;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (drawer.all(Project.class).isEmpty()) {
            drawer.add(project("drum harness", harness()));
            drawer.add(project("the carnival cloak and banners", cloak()));
        }
    }

    private static Project project(String name, List<ProjectStep> steps) {
        return new Project(name, steps, EVENING, Set.of(), steps.size());
    }

    private List<ProjectStep> cloak() {
        List<ProjectStep> all = new ArrayList<>();
        add(all, "line the hood", "heron", "lining-viscose", 2, "midnight blue", Purpose.SEAM, 2.1, 14.0);
        add(all, "banner hems", "badger", "canvas", 3, "sailcloth white", Purpose.HEM, 22, null);
        add(all, "cloak seams", "heron", "velvet", 2, "midnight blue", Purpose.SEAM, 6.4, null, "s1");
        add(all, "suit side seams", "heron", "swim-knit", 2, "ember red", Purpose.SEAM, 3.6, 31.0);
        add(all, "banner loops", "badger", "canvas", 6, "sailcloth white", Purpose.SEAM, 2.4, null, "s2");
        add(all, "suit leg elastic", "heron", "swim-knit", 2, "ember red", Purpose.ELASTIC, 1.8, null, "s4");
        add(all, "hem the cloak", "heron", "velvet", 2, "midnight blue", Purpose.HEM, 4.2, null, "s3");
        add(all, "tabs on the collar", "heron", "velvet", 2, "ember red", Purpose.SEAM, 0.8, null, "s3");
        add(all, "overlock the suit", "sparrow", "swim-knit", 2, "moon grey", Purpose.OVERLOCK, 3.6, null);
        return all;
    }

    /** Two steps wait for each other, one spool is too short, and one stack is too thick. */
    private List<ProjectStep> harness() {
        List<ProjectStep> all = new ArrayList<>();
        add(all, "sew the straps", "badger", "leather-bag", 2, "sailcloth white", Purpose.TOPSTITCH, 5, null, "s2");
        add(all, "set the rings", "badger", "leather-bag", 2, "sailcloth white", Purpose.SEAM, 0.6, null, "s1");
        add(all, "quilt the shoulder pad", "heron", "quilting-cotton", 2, "ember red", Purpose.QUILTING, 24, null);
        add(all, "close the pad", "heron", "leather-bag", 6, "midnight blue", Purpose.SEAM, 1.2, null, "s3");
        return all;
    }

    private void add(
            List<ProjectStep> all,
            String name,
            String machine,
            String cloth,
            int layers,
            String colour,
            Purpose purpose,
            double metres,
            @Nullable Double took,
            String... after) {
        all.add(new ProjectStep(
                "s" + (all.size() + 1),
                name,
                machine,
                work.of(cloth, layers, colour, purpose),
                metres,
                1,
                Set.of(after),
                Set.of(),
                null,
                took,
                null));
    }
}
