package belonax.room.start;

import belonax.room.archive.Copies;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Where the database of before did not open and was set aside, puts the room of a copy into the new one before the first page. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
@ConditionalOnProperty(GoBackAtStart.TO)
class GoBackAtStart implements ApplicationRunner {
    /** Names the copy. */
    static final String TO = "belonax.go-back-to";

    private final Copies copies;
    private final Environment environment;

    GoBackAtStart(Copies copies, Environment environment) {
        this.copies = copies;
        this.environment = environment;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        copies.goBackToEmpty(environment.getRequiredProperty(TO));
    }
}
