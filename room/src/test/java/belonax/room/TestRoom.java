package belonax.room;

import belonax.cloth.ClothCatalogue;
import belonax.fault.FaultFinder;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.boot.SpringBootConfiguration;
import org.springframework.boot.autoconfigure.EnableAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** The room alone, on the real schema, with a clock that a test can move and ids that come in the same order every time. */
@SpringBootConfiguration
@EnableAutoConfiguration
public class TestRoom {
    /** A clock that stands still until somebody moves it. */
    public static final class Hand extends Clock {
        private static final Instant BEGIN = Instant.parse("2026-11-25T09:30:00Z");
        private Instant now = BEGIN;

        public void forward(Duration by) {
            now = now.plus(by);
        }

        public void back() {
            now = BEGIN;
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    @Bean
    Hand clock() {
        return new Hand();
    }

    @Bean
    Supplier<UUID> ids() {
        SplittableRandom random = new SplittableRandom(23);
        return () -> {
            synchronized (random) {
                return new UUID(random.nextLong(), random.nextLong());
            }
        };
    }

    @Bean
    ClothCatalogue cloths() {
        return ClothCatalogue.standard();
    }

    @Bean
    FaultFinder finder() {
        return FaultFinder.standard();
    }
}
