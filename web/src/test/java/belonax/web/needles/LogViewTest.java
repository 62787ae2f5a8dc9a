package belonax.web.needles;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.room.event.ActionLog.Action;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LogViewTest {
    @Test
    void what_was_done_late_in_the_evening_stands_under_the_sewists_own_day() {
        Action late = new Action(new UUID(1, 1), Instant.parse("2026-11-25T23:40:00Z"), "Heron", "Cleaned", false);

        assertThat(LogView.of(List.of(late), ZoneId.of("Europe/Berlin")).get(0).at())
                .isEqualTo("26 Nov, 00:40");
        assertThat(LogView.of(List.of(late), ZoneId.of("America/Denver")).get(0).at())
                .isEqualTo("25 Nov, 16:40");
    }
}
