package belonax.room.archive;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.room.archive.Copy.Holds;
import belonax.room.archive.Copy.Why;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeepingTest {
    private static final ZoneId HERE = ZoneId.of("Europe/Paris");
    private static final Instant NOW = Instant.parse("2026-11-27T19:24:00Z");

    @Test
    void after_two_years_of_copies_those_of_seven_days_four_weeks_and_twelve_months_are_left() {
        List<Copy> kept = new ArrayList<>();
        for (int day = 730; day >= 0; day--) {
            Instant at = NOW.minus(day, ChronoUnit.DAYS);
            kept.add(copy(at, Why.DAILY));
            kept.removeAll(Keeping.goes(kept, at, HERE));
        }

        assertThat(kept).hasSizeBetween(19, 23);
        LocalDate today = NOW.atZone(HERE).toLocalDate();
        for (int day = 0; day < 7; day++) {
            LocalDate localDate = today.minusDays(day);
            assertThat(kept)
                    .anyMatch(copy -> copy.madeAt().atZone(HERE).toLocalDate().equals(localDate));
        }
        assertThat(kept).anyMatch(otherCopy -> otherCopy.madeAt().isBefore(NOW.minus(325, ChronoUnit.DAYS)));
    }

    @Test
    void every_way_back_of_the_last_week_stays_beside_them() {
        List<Copy> all = new ArrayList<>();
        for (int hour = 0; hour < 5; hour++) {
            all.add(copy(NOW.minus(hour, ChronoUnit.HOURS), Why.BEFORE_ARCHIVE));
        }
        for (int day = 30; day < 60; day++) {
            all.add(copy(NOW.minus(day, ChronoUnit.DAYS), Why.BEFORE_ARCHIVE));
        }

        assertThat(Keeping.goes(all, NOW, HERE))
                .isNotEmpty()
                .allMatch(otherCopy -> otherCopy.madeAt().isBefore(NOW.minus(7, ChronoUnit.DAYS)));
    }

    private static Copy copy(Instant at, Why why) {
        return new Copy("copy " + at, at, why, new Holds(1, 1, 1, 1, 0, 0), 1);
    }
}
