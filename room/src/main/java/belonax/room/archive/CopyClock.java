package belonax.room.archive;

import java.util.concurrent.TimeUnit;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Looks now and then whether this day has its copy: soon after a start, and when a day changes under a running Belonax. */
@Component
@EnableScheduling
@ConditionalOnProperty(name = "belonax.copies", matchIfMissing = true)
class CopyClock {
    private final Copies copies;

    CopyClock(Copies copies) {
        this.copies = copies;
    }

    @Scheduled(initialDelay = 10, fixedDelay = 600, timeUnit = TimeUnit.SECONDS)
    void look() {
        copies.daily();
    }
}
