package belonax.room.start;

import belonax.room.machine.MachineMinutes;
import belonax.room.needle.Projection;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** At the start, works out anew what another version wrote down beside the events. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RefreshOutdated implements ApplicationRunner {
    private final Projection projection;
    private final MachineMinutes minutes;

    RefreshOutdated(Projection projection, MachineMinutes minutes) {
        this.projection = projection;
        this.minutes = minutes;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        projection.refreshOutdated();
        minutes.refreshOutdated();
    }
}
