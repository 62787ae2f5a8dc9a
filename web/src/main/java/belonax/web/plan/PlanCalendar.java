package belonax.web.plan;

import belonax.plan.JobPlan.Planned;
import belonax.plan.Sittings.Piece;
import belonax.plan.Sittings.Sitting;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectStep;
import belonax.web.plan.PlanDesk.Worked;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Uid;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Date;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The evenings of a project as an iCalendar file, each with what to lay out: needles, spools, stacks. */
@Controller
class PlanCalendar {
    private static final MediaType ICALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final PlanDesk desk;
    private final Clock clock;

    PlanCalendar(PlanDesk desk, Clock clock) {
        this.desk = desk;
        this.clock = clock;
    }

    @GetMapping("/plan/{id}/evenings.ics")
    ResponseEntity<byte[]> evenings(@PathVariable UUID id) {
        return desk.work(id)
                .map(this::calendar)
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private ResponseEntity<byte[]> calendar(Worked worked) {
        Evenings evenings = Evenings.of(worked, LocalDate.now(clock));
        Kept<Project> kept = worked.project();
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Belonax//EN");
        for (int i = 0; i < evenings.sittings().size(); i++) {
            calendar.addEvent(
                    event(kept, i, evenings.sittings().get(i), evenings.dates().get(i)));
        }
        return ResponseEntity.ok()
                .contentType(ICALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"belonax-plan.ics\"")
                .body(Biweekly.write(calendar).go().getBytes(StandardCharsets.UTF_8));
    }

    /** An evening keeps its id, so that a calendar moves it when the plan is worked out anew. */
    private VEvent event(Kept<Project> kept, int number, Sitting sitting, LocalDate day) {
        VEvent event = new VEvent();
        event.setUid(new Uid(kept.id() + "-" + number + "@belonax"));
        event.setSummary(kept.card().name() + ", evening " + (number + 1) + ": " + PlanWords.hours(sitting.minutes()));
        event.setDescription(
                sitting.pieces().stream().map(it -> layOut(kept.card(), it)).collect(Collectors.joining("\n")));
        event.setDateTimeStamp(Date.from(clock.instant()));
        event.setDateStart(Date.from(day.atStartOfDay(clock.getZone()).toInstant()), false);
        return event;
    }

    private static String layOut(Project project, Piece piece) {
        Planned planned = piece.step();
        ProjectStep step = project.get(planned.step().id());
        return step.name() + ": " + planned.needle().needle().words() + ", "
                + step.work().top().words() + ", " + step.work().words() + ", dial from "
                + Words.number(planned.dial()) + ", " + PlanWords.hours(piece.minutes());
    }
}
