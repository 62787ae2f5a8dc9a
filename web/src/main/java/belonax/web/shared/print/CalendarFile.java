package belonax.web.shared.print;

import belonax.web.shared.Attached;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Uid;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Date;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** Answers with events as an iCalendar file that a calendar can also subscribe to. */
@Component
public class CalendarFile {
    private static final MediaType ICALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final Clock clock;

    CalendarFile(Clock clock) {
        this.clock = clock;
    }

    /**
     * Returns a thing that stands on a day, all day.
     *
     * @param id stays the same from file to file, so that a calendar moves the event instead of doubling it
     */
    public VEvent onDay(LocalDate day, String id, String summary, String description) {
        VEvent event = new VEvent();
        event.setUid(new Uid(id + "@belonax"));
        event.setSummary(summary);
        event.setDescription(description);
        event.setDateTimeStamp(Date.from(clock.instant()));
        event.setDateStart(Date.from(day.atStartOfDay(clock.getZone()).toInstant()), false);
        return event;
    }

    public ResponseEntity<byte[]> answer(String name, List<VEvent> events) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Belonax//EN");
        events.forEach(calendar::addEvent);
        return ResponseEntity.ok()
                .contentType(ICALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, Attached.toShow(name))
                .body(Biweekly.write(calendar).go().getBytes(StandardCharsets.UTF_8));
    }
}
