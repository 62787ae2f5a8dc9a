package belonax.web.plan;

import belonax.plan.JobPlan;
import belonax.plan.Sittings;
import belonax.plan.Sittings.Sitting;
import belonax.room.plan.Project;
import belonax.web.plan.PlanDesk.Worked;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The evenings of a plan, each on a day on which one sews. */
record Evenings(List<Sitting> sittings, List<LocalDate> dates) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE", Locale.UK);
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private static final int WEEK = 7;

    static Evenings of(Worked worked, LocalDate today) {
        Project project = worked.project().card();
        List<Sitting> sittings = worked.plan()
                .map(JobPlan::steps)
                .map(list -> Sittings.cut(list, project.eveningMinutes()))
                .orElse(List.of());
        List<LocalDate> dates = new ArrayList<>();
        LocalDate day = today;
        while (dates.size() < sittings.size()) {
            if (sewsOn(project.days(), day.getDayOfWeek())) {
                dates.add(day);
            }
            day = day.plusDays(1);
        }
        return new Evenings(sittings, dates);
    }

    private static boolean sewsOn(Set<DayOfWeek> days, DayOfWeek day) {
        return days.isEmpty() || days.contains(day);
    }

    /** Returns the days in words: by their names within a week, by their dates after that. */
    List<String> words(LocalDate today) {
        return dates.stream()
                .map(day -> day.isBefore(today.plusDays(WEEK)) ? DAY.format(day) : DATE.format(day))
                .toList();
    }
}
