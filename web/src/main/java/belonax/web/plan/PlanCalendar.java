package belonax.web.plan;

import belonax.plan.JobPlan.Planned;
import belonax.plan.Sittings.Piece;
import belonax.plan.Sittings.Sitting;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectStep;
import belonax.web.plan.PlanDesk.Worked;
import belonax.web.shared.print.CalendarFile;
import biweekly.component.VEvent;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The evenings of a project as an iCalendar file, each with what to lay out: needles, spools, stacks. */
@Controller
class PlanCalendar {
    private final PlanDesk desk;
    private final Clock clock;
    private final CalendarFile calendar;

    PlanCalendar(PlanDesk desk, Clock clock, CalendarFile calendar) {
        this.desk = desk;
        this.clock = clock;
        this.calendar = calendar;
    }

    @GetMapping("/plan/{id}/evenings.ics")
    ResponseEntity<byte[]> evenings(@PathVariable UUID id) {
        return desk.work(id)
                .map(this::answer)
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private ResponseEntity<byte[]> answer(Worked worked) {
        Evenings evenings = Evenings.of(worked, LocalDate.now(clock));
        Kept<Project> kept = worked.project();
        List<VEvent> events = new ArrayList<>();
        for (int i = 0; i < evenings.sittings().size(); i++) {
            events.add(
                    event(kept, i, evenings.sittings().get(i), evenings.dates().get(i)));
        }
        return calendar.answer("belonax-plan.ics", events);
    }

    private VEvent event(Kept<Project> kept, int number, Sitting sitting, LocalDate day) {
        return calendar.onDay(
                day,
                kept.id() + "-" + number,
                kept.card().name() + ", evening " + (number + 1) + ": " + PlanWords.hours(sitting.minutes()),
                sitting.pieces().stream()
                        .map(piece -> layOut(kept.card(), piece))
                        .collect(Collectors.joining("\n")));
    }

    private static String layOut(Project project, Piece piece) {
        Planned planned = piece.step();
        ProjectStep step = project.get(planned.step().id());
        return step.name() + ": " + planned.needle().needle().words() + ", "
                + step.work().top().words() + ", " + step.work().words() + ", dial from "
                + Words.number(planned.dial()) + ", " + PlanWords.hours(piece.minutes());
    }
}
