package belonax.web.bench;

import belonax.life.CarePlan;
import belonax.room.care.CareLog;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.web.shared.print.CalendarFile;
import biweekly.component.VEvent;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Locale;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** What is due on every machine, as an iCalendar file that a calendar can also subscribe to. */
@Controller
class DueCalendar {
    private final SewingRoom room;
    private final CareLog care;
    private final Clock clock;
    private final CalendarFile calendar;

    DueCalendar(SewingRoom room, CareLog care, Clock clock, CalendarFile calendar) {
        this.room = room;
        this.care = care;
        this.clock = clock;
        this.calendar = calendar;
    }

    @GetMapping("/bench/due.ics")
    ResponseEntity<byte[]> due() {
        return calendar.answer(
                "belonax-due.ics",
                room.machines().stream()
                        .flatMap(machine -> care.plan(machine).of(machine.machine()).stream()
                                .filter(CarePlan.Due::isDue)
                                .map(due -> event(machine, due)))
                        .toList());
    }

    private VEvent event(MachineNow machine, CarePlan.Due due) {
        return calendar.onDay(
                LocalDate.now(clock),
                machine.id() + "-" + due.kind().name().toLowerCase(Locale.ROOT),
                machine.machine().name() + ": " + due.kind().words(),
                due.reason());
    }
}
