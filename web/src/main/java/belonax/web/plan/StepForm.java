package belonax.web.plan;

import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.plan.ProjectStep;
import belonax.web.shared.form.Ask;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a step beside the sentence.
 *
 * @param metres length of the seam
 * @param after ids of the steps that come before it
 */
public record StepForm(
        @Nullable String called,

        @Ask(value = "Type how long the seam is in metres, such as 4.2.", needed = true) @Nullable
        Double metres,

        @Ask("Type how often it is sewn over, such as 2, or leave it empty.") @Nullable
        Integer passes,

        @Nullable Set<String> after) {
    static StepForm empty() {
        return new StepForm("", null, null, Set.of());
    }

    static StepForm of(ProjectStep step) {
        return new StepForm(step.name(), step.seamMetres(), step.passes() == 1 ? null : step.passes(), step.after());
    }

    /** Returns the step; without a name it is called by what is sewn. */
    ProjectStep step(MachineNow machine, TableWork work) {
        String name = Objects.requireNonNullElse(called, "").strip();
        return new ProjectStep(
                "",
                name.isEmpty() ? work.purpose().words() : name,
                machine.id(),
                work,
                Objects.requireNonNull(metres),
                Objects.requireNonNullElse(passes, 1),
                Objects.requireNonNullElse(after, Set.<String>of()),
                Set.of(),
                null,
                null,
                null);
    }
}
