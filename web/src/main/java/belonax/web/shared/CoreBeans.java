package belonax.web.shared;

import belonax.cloth.ClothCatalogue;
import belonax.fault.FaultFinder;
import belonax.hazard.HazardModel;
import belonax.match.NeedleMatcher;
import belonax.match.SetupCheck;
import belonax.plan.JobPlanner;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.ZoneId;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's parts, and the time and ids that it does not take for itself. */
@Configuration
class CoreBeans {
    @Bean
    ClothCatalogue clothCatalogue() {
        return ClothCatalogue.standard();
    }

    @Bean
    NeedleMatcher needleMatcher() {
        return NeedleMatcher.standard();
    }

    @Bean
    JobPlanner jobPlanner(NeedleMatcher matcher) {
        return new JobPlanner(matcher);
    }

    @Bean
    SetupCheck setupCheck(NeedleMatcher matcher) {
        return new SetupCheck(matcher);
    }

    @Bean
    HazardModel hazardModel() {
        return HazardModel.standard();
    }

    @Bean
    FaultFinder faultFinder() {
        return FaultFinder.standard();
    }

    /**
     * Ticks in milliseconds, as the database keeps them: what is read back equals what was written. In the sewist's own time zone,
     * so that today is her today.
     */
    @Bean
    Clock clock() {
        return Clock.tickMillis(ZoneId.systemDefault());
    }

    @Bean
    RandomGenerator random() {
        return new SecureRandom();
    }

    @Bean
    Supplier<UUID> ids() {
        return UUID::randomUUID;
    }
}
