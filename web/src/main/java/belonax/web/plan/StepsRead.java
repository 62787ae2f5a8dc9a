package belonax.web.plan;

import belonax.BadInput;
import belonax.BadInput.Problem;
import belonax.cloth.ClothCatalogue;
import belonax.plan.Step;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.plan.ProjectStep;
import belonax.web.shared.api.JsonFile;
import belonax.web.shared.form.Parsed;
import belonax.web.shared.form.Sheet;
import belonax.web.shared.sentence.Sentences;
import belonax.web.shared.sentence.Stock;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/**
 * Reads steps out of a file. A table tells each by the sentence that it went out with, by columns named as the entries of a
 * sentence, or by both, the columns winning; what a row leaves out is what lies on its machine's table.
 *
 * @param machines on which a step can be sewn
 * @param on the machine of what names none
 */
record StepsRead(Sentences sentences, Stock stock, List<MachineNow> machines, MachineNow on) {
    private static final String METRES = "Type how long the seam is in metres, such as 4.2.";

    List<ProjectStep> document(byte[] file, ClothCatalogue catalogue) {
        List<Step> steps = JsonFile.read(file, PlanBody.class, planBody -> planBody.steps(catalogue));
        List<ProjectStep> all = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step otherStep = steps.get(i);
            try {
                TableWork work =
                        sentences.work(Sentences.entriesOf(otherStep.asked().job(), stock), Optional.of(on), stock);
                all.add(step(
                        otherStep.id(),
                        otherStep.name(),
                        on,
                        work,
                        otherStep.seamMetres(),
                        otherStep.passes(),
                        otherStep.after()));
            } catch (BadInput refused) {
                throw at("steps[" + i + "]", refused);
            }
        }
        return all;
    }

    List<ProjectStep> table(byte[] file) {
        List<ProjectStep> all = new ArrayList<>();
        for (Sheet.Row row : Sheet.read(
                        file, "name, machine, sentence, cloth, layers, purpose, thread, seam_m, passes, after")
                .rows()) {
            try {
                all.add(step(row));
            } catch (BadInput refused) {
                throw at("Row " + row.line(), refused);
            }
        }
        return all;
    }

    private ProjectStep step(Sheet.Row row) {
        MachineNow machine = machine(row.get("machine"));
        MultiValueMap<String, String> told = new LinkedMultiValueMap<>();
        if (!row.get("sentence").isBlank()) {
            Sentences.entriesOf(row.get("sentence")).forEach(told::put);
        } else {
            stock.findSpoolCalled(row.get("thread")).ifPresent(text -> told.add("spool", text));
        }
        for (String entry : Sentences.entries()) {
            if (!row.get(entry).isBlank()) {
                told.set(entry, row.get(entry));
            }
        }
        BadInput.unless(
                told.containsKey("cloth"),
                "cloth",
                () -> "Name the cloth by its id, such as poplin, or send the column “sentence” along.");
        TableWork work = sentences.work(told, Optional.of(machine), stock);
        String name = row.get("name").strip();
        return step(
                row.get("id"),
                name.isEmpty() ? work.purpose().words() : name,
                machine,
                work,
                Parsed.number("seam_m", row.get("seam_m"), METRES),
                row.get("passes").isBlank()
                        ? 1
                        : Parsed.whole(
                                "passes",
                                Parsed.number(
                                        "passes", row.get("passes"), "Type how often it is sewn over, such as 2."),
                                "Type how often it is sewn over, such as 2."),
                ids(row.get("after")));
    }

    private static ProjectStep step(
            String id, String name, MachineNow machine, TableWork work, double metres, int passes, Set<String> after) {
        return new ProjectStep(id, name, machine.id(), work, metres, passes, after, Set.of(), null, null, null);
    }

    private MachineNow machine(String called) {
        return called.isBlank()
                ? on
                : machines.stream()
                        .filter(machineNow -> machineNow.id().equals(called)
                                || machineNow.machine().name().equalsIgnoreCase(called))
                        .findFirst()
                        .orElseThrow(() -> new BadInput(
                                "machine",
                                "No machine is called “" + called + "”. Name one that stands on the shelf."));
    }

    private static Set<String> ids(String cell) {
        Set<String> ids = new LinkedHashSet<>(List.of(cell.strip().split("[ ,;]+")));
        ids.remove("");
        return ids;
    }

    private static BadInput at(String where, BadInput refused) {
        return new BadInput(refused.problems().stream()
                .map(problem -> new Problem("file", where + ": " + problem.message()))
                .toList());
    }
}
