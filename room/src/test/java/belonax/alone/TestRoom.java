package belonax.alone;

import belonax.cloth.ClothCatalogue;
import belonax.fault.FaultFinder;
import belonax.room.HandClock;
import belonax.room.RoomProperties;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.boot.SpringBootConfiguration;
import org.springframework.boot.autoconfigure.EnableAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** The room alone, on the real schema, with a clock that a test can move and ids that come in the same order every time. */
@SpringBootConfiguration
@EnableAutoConfiguration
public class TestRoom {
    @Bean
    HandClock clock() {
        return new HandClock();
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
    @Primary
    SmallDisk disk(RoomProperties properties) {
        return new SmallDisk(properties);
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
