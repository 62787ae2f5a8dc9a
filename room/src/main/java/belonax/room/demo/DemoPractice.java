package belonax.room.demo;

import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.practice.Drills;
import belonax.room.card.DrawerStore;
import belonax.room.practice.DrillAnswer;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What was practised in the made-up carnival workshop, filled in once when the demo's own folder is empty. */
@Component
@Profile("demo")
class DemoPractice implements ApplicationRunner {
    private static final int ANSWERS = 44;
    private static final int IN_A_SITTING = 11;
    private static final int SLIPS_EVERY = 6;
    private static final long STRIDE = 104_729;
    private static final List<DrillKind> KINDS = List.of(
            DrillKind.STRIP,
            DrillKind.STRIP,
            DrillKind.NEEDLE,
            DrillKind.STRIP,
            DrillKind.LABEL,
            DrillKind.STRIP,
            DrillKind.CHECK);

    private final DrawerStore drawer;
    private final Clock clock;

    DemoPractice(DrawerStore drawer, Clock clock) {
        this.drawer = drawer;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!drawer.all(DrillAnswer.class).isEmpty()) {
            return;
        }
        for (int i = 0; i < ANSWERS; i++) {
            Drill drill = Drills.make(DrillId.of(KINDS.get(i % KINDS.size()), i % 2, i * STRIDE));
            int choice = i % SLIPS_EVERY == 2 ? (drill.right() + 1) % Drill.CHOICES : drill.right();
            Instant at = clock.instant()
                    .minus(Duration.ofDays(13 - 4L * (i / IN_A_SITTING)))
                    .plusSeconds(20L * (i % IN_A_SITTING));
            drawer.add(DrillAnswer.of("", drill, choice, at));
        }
    }
}
