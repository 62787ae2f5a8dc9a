package belonax.web.bench;

import belonax.life.CarePlan;
import belonax.room.care.CareLog;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Uid;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Date;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** What is due on every machine, as an iCalendar file that a calendar can also subscribe to. */
@Controller
class DueCalendar {
    private static final MediaType ICALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final SewingRoom room;
    private final CareLog care;
    private final Clock clock;

    DueCalendar(SewingRoom room, CareLog care, Clock clock) {
        this.room = room;
        this.care = care;
        this.clock = clock;
    }

    @GetMapping("/bench/due.ics")
    ResponseEntity<byte[]> due() {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Belonax//EN");
        for (MachineNow machine : room.machines()) {
            care.plan(machine).of(machine.machine()).stream()
                    .filter(CarePlan.Due::isDue)
                    .forEach(it -> calendar.addEvent(event(machine, it)));
        }
        return ResponseEntity.ok()
                .contentType(ICALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"belonax-due.ics\"")
                .body(Biweekly.write(calendar).go().getBytes(StandardCharsets.UTF_8));
    }

    /** A thing that is due stands on today, all day, and keeps its id so that a calendar moves it instead of doubling it. */
    private VEvent event(MachineNow machine, CarePlan.Due due) {
        VEvent event = new VEvent();
        event.setUid(new Uid(machine.id() + "-" + due.kind().name().toLowerCase(Locale.ROOT) + "@belonax"));
        event.setSummary(machine.machine().name() + ": " + due.kind().words());
        event.setDescription(due.reason());
        event.setDateTimeStamp(Date.from(clock.instant()));
        event.setDateStart(
                Date.from(LocalDate.now(clock).atStartOfDay(clock.getZone()).toInstant()), false);
        return event;
    }
}
