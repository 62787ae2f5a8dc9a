package belonax.web.plan;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.hazard.Job;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.plan.ProjectStep;
import belonax.thread.SewingThread;
import belonax.web.plan.PlanDesk.Worked;
import belonax.web.shared.api.FabricBody;
import belonax.web.shared.api.LayersBody;
import belonax.web.shared.api.ThreadBody;
import belonax.web.shared.sentence.Sentences;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The steps of a project as files: a table for people, and JSON in the form that {@code POST /plan} takes. */
@Component
class StepFiles {
    private final Sentences sentences;
    private final SewingRoom room;
    private final ClothCatalogue catalogue;
    private final ObjectMapper json;

    StepFiles(Sentences sentences, SewingRoom room, ClothCatalogue catalogue, ObjectMapper json) {
        this.sentences = sentences;
        this.room = room;
        this.catalogue = catalogue;
        this.json = json;
    }

    String table(Worked worked) {
        return StepTable.of(
                worked,
                projectStep -> sentences
                        .again(
                                projectStep.work(),
                                Optional.ofNullable(worked.machines().get(projectStep.machineId())),
                                worked.stock())
                        .sentence()
                        .query());
    }

    byte[] document(Worked worked) {
        List<PlanBody.StepBody> steps = worked.project().card().steps().stream()
                .filter(projectStep -> !projectStep.isDone())
                .map(projectStep -> body(projectStep, worked))
                .toList();
        try {
            return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(Map.of("steps", steps));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private PlanBody.StepBody body(ProjectStep step, Worked worked) {
        Optional<MachineNow> on = Optional.ofNullable(worked.machines().get(step.machineId()));
        TableWork work = step.work();
        Job job = sentences
                .again(work, on, worked.stock())
                .request(on, List.of(), List.of(), List.of())
                .job();
        return new PlanBody.StepBody(
                step.id(),
                step.name(),
                null,
                null,
                job.stack().all().stream().map(StepFiles::layers).toList(),
                job.hasCrossing() ? Integer.valueOf(job.crossingLayers()) : null,
                thread(job.thread()),
                work.stitchWidthMm() == null ? null : new PlanBody.StitchBody(null, null, work.stitchWidthMm()),
                step.seamMetres(),
                step.passes(),
                work.purpose(),
                List.copyOf(new TreeSet<>(step.after())));
    }

    /** A cloth of one's own goes out as what it is like: nobody else knows it by its id. */
    private static LayersBody layers(Layers layers) {
        Cloth cloth = layers.cloth();
        boolean isOwn = cloth.id().equals(Cloth.DESCRIBED) || cloth.id().length() == 36;
        FabricBody fabric = isOwn
                ? new FabricBody(
                        null,
                        cloth.structure(),
                        cloth.weightGsm(),
                        null,
                        told(cloth),
                        cloth.recoveryPercent(),
                        cloth.density(),
                        cloth.traits().stream().sorted().toList(),
                        cloth.part())
                : new FabricBody(cloth.id(), null, null, null, null, null, null, null, null);
        return new LayersBody(fabric, layers.count());
    }

    private static @Nullable Double told(Cloth cloth) {
        return cloth.toldStretchPercent().isPresent()
                ? Double.valueOf(cloth.toldStretchPercent().getAsDouble())
                : null;
    }

    private static ThreadBody thread(SewingThread thread) {
        return new ThreadBody(
                null,
                thread.tex().value(),
                thread.fibre(),
                thread.build(),
                null,
                thread.quality(),
                null,
                thread.strands());
    }

    /**
     * Reads steps that were written as a table or as JSON, whichever it is.
     *
     * @param on the machine that sews what names none
     * @throws BadInput naming the row, or the place in the document, and what to do
     */
    List<ProjectStep> read(byte[] file, MachineNow on) {
        BadInput.unless(file.length > 0, "file", () -> "Choose a file of steps first, CSV or JSON.");
        StepsRead reading = new StepsRead(sentences, sentences.stock(), room.machines(), on);
        return isDocument(file) ? reading.document(file, catalogue) : reading.table(file);
    }

    private static boolean isDocument(byte[] file) {
        for (byte count : file) {
            if (!Character.isWhitespace(count)) {
                return count == '{';
            }
        }
        return false;
    }
}
