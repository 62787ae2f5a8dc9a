package belonax.web.plan;

import belonax.plan.JobPlan;
import belonax.plan.JobPlan.Planned;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectStep;
import belonax.web.plan.PlanDesk.Worked;
import belonax.web.shared.form.SheetCell;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The steps of a project as CSV, in the order of the plan, metric whatever the settings say. */
final class StepTable {
    private StepTable() {}

    static String of(Worked worked, Function<ProjectStep, String> sentence) {
        Project project = worked.project().card();
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(
                    "id",
                    "name",
                    "machine",
                    "sews",
                    "thread",
                    "sentence",
                    "seam_m",
                    "passes",
                    "after",
                    "needle",
                    "minutes",
                    "top_thread_m",
                    "bobbin_thread_m",
                    "dial",
                    "took_minutes");
            for (Planned planned : worked.plan().map(JobPlan::steps).orElse(List.of())) {
                print(printer, project.get(planned.step().id()), sentence, Optional.of(planned));
            }
            for (ProjectStep projectStep : project.steps()) {
                if (worked.plan().flatMap(plan -> plan.find(projectStep.id())).isEmpty()) {
                    print(printer, projectStep, sentence, Optional.empty());
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static void print(
            CSVPrinter printer, ProjectStep step, Function<ProjectStep, String> sentence, Optional<Planned> planned)
            throws IOException {
        printer.printRecord(
                step.id(),
                SheetCell.written(step.name()),
                step.machineId(),
                SheetCell.written(step.work().words()),
                SheetCell.written(step.work().top().words()),
                sentence.apply(step),
                step.seamMetres(),
                step.passes(),
                String.join(" ", step.waitsFor()),
                planned.map(otherPlanned -> otherPlanned.needle().needle().words())
                        .orElse(""),
                planned.map(otherPlanned -> number(otherPlanned.use().minutes()))
                        .orElse(""),
                planned.map(otherPlanned -> number(otherPlanned.use().topMetres()))
                        .orElse(""),
                planned.map(otherPlanned -> number(otherPlanned.use().bobbinMetres()))
                        .orElse(""),
                planned.map(otherPlanned -> number(otherPlanned.dial())).orElse(""),
                step.tookMinutes() == null ? "" : number(step.tookMinutes()));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
