package belonax.web.needles;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.room.event.ActionLog.Action;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LogViewTest {
    @Test
    void what_was_done_late_in_the_evening_stands_under_the_sewists_own_day() {
        Action late = new Action(new UUID(1, 1), Instant.parse("2026-11-25T23:40:00Z"), "Heron", "Cleaned", false);

        assertThat(shown(late, "Europe/Berlin")).isEqualTo("Today 00:40");
        assertThat(shown(late, "America/Denver")).isEqualTo("Yesterday 16:40");
        assertThat(LogView.of(List.of(late), LocalDate.of(2026, 12, 24), ZoneId.of("Europe/Berlin"))
                        .get(0)
                        .day())
                .isEqualTo("26 Nov 2026");
    }

    private static String shown(Action action, String zone) {
        LogView day = LogView.of(List.of(action), LocalDate.of(2026, 11, 26), ZoneId.of(zone))
                .get(0);
        return day.day() + " " + day.lines().get(0).at();
    }
}
