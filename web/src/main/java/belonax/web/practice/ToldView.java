package belonax.web.practice;

import belonax.practice.Drill;
import belonax.room.practice.PracticeBook.Given;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What is told of an answer: right or not, the right one, and its reason.
 *
 * @param said what was answered
 * @param due when it comes back
 */
public record ToldView(
        boolean right,
        String headline,
        String said,
        String why,
        String due,
        DrillView drill,
        @Nullable CutPicture cut) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.ENGLISH);

    static ToldView of(Drill drill, Given given, LocalDate today) {
        boolean right = given.answer().right();
        String said = drill.choices().get(given.answer().choice());
        return new ToldView(
                right,
                (right ? "Right: " : "It is: ") + drill.answer(),
                right ? "" : "You said: " + said + ".",
                drill.why(),
                right ? due(given.due(), today) : "It comes back soon, and again tomorrow.",
                DrillView.of(drill),
                drill.strip().map(CutPicture::of).orElse(null));
    }

    private static String due(LocalDate due, LocalDate today) {
        long days = due.toEpochDay() - today.toEpochDay();
        return days <= 0
                ? "It comes back today."
                : days == 1 ? "It comes back tomorrow." : "It comes back on " + DAY.format(due) + ".";
    }
}
