package belonax.web.plan;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.match.MatchRequest;
import belonax.match.StitchAdvice;
import belonax.needle.NeedleSystem;
import belonax.plan.BobbinRoom;
import belonax.plan.JobPlanner;
import belonax.plan.Station;
import belonax.plan.Step;
import belonax.plan.StepStitch;
import belonax.thread.SewingThread;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import belonax.web.shared.api.FabricBody;
import belonax.web.shared.api.LayersBody;
import belonax.web.shared.api.StackBody;
import belonax.web.shared.api.ThreadBody;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What {@code POST /plan} takes. */
record PlanBody(
        @Nullable List<NeedleSystem> systems,
        @Nullable CapacityBody bobbinCapacity,
        @Nullable Double stitchesPerMinute,
        @Nullable List<StepBody> steps)
        implements ApiBody {
    private static final String STATION = "machine";
    private static final double USUAL_SPEED = 500;
    private static final BobbinRoom USUAL_BOBBIN = new BobbinRoom(20.5, 7, 9);
    private static final int MAX_SYSTEMS = 12;
    private static final int LONGEST_ID = 80;

    /** The room on a bobbin. */
    record CapacityBody(
            @Nullable Double diameterMm,
            @Nullable Double coreMm,
            @Nullable Double widthMm) {
        BobbinRoom room() {
            return new BobbinRoom(
                    Objects.requireNonNullElse(diameterMm, USUAL_BOBBIN.diameterMm()),
                    Objects.requireNonNullElse(coreMm, USUAL_BOBBIN.coreMm()),
                    Objects.requireNonNullElse(widthMm, USUAL_BOBBIN.widthMm()));
        }
    }

    /** How a stitch is made. */
    enum KindBody {
        STRAIGHT,
        ZIGZAG
    }

    /** A stitch; what is not told of it is as advised. */
    record StitchBody(
            @Nullable KindBody kind,
            @Nullable Double lengthMm,
            @Nullable Double widthMm) {
        StepStitch stitch(StepStitch advised) {
            boolean swings = kind == KindBody.ZIGZAG || kind == null && widthMm != null && widthMm > 0;
            StitchAdvice.Kind made =
                    kind == null && widthMm == null ? advised.kind() : swings ? StitchAdvice.Kind.ZIGZAG : STRAIGHT;
            double width = widthMm != null ? widthMm : made == STRAIGHT ? 0 : Math.max(advised.widthMm(), MIN_SWING_MM);
            BadInput.unless(
                    kind != KindBody.ZIGZAG || width > 0,
                    "stitch.widthMm",
                    () -> "A zigzag has a width above 0, such as 3 mm.");
            return new StepStitch(made, Objects.requireNonNullElse(lengthMm, advised.lengthMm()), width);
        }

        private static final StitchAdvice.Kind STRAIGHT = StitchAdvice.Kind.STRAIGHT;
        private static final double MIN_SWING_MM = 2;
    }

    /** One step. */
    record StepBody(
            @Nullable String id,
            @Nullable String name,
            @Nullable FabricBody fabric,
            @Nullable Integer layers,
            @Nullable List<LayersBody> stack,
            @Nullable Integer crossingLayers,
            @Nullable ThreadBody thread,
            @Nullable StitchBody stitch,
            @Nullable Double seamMetres,
            @Nullable Integer passes,
            @Nullable Purpose purpose,
            @Nullable List<String> after) {

        Step step(ClothCatalogue catalogue, List<NeedleSystem> systems) {
            Stack cloths = StackBody.stack(fabric, layers, stack, catalogue);
            SewingThread sewn = Objects.requireNonNull(thread).thread("thread");
            var told = Job.sewing(cloths, sewn)
                    .purpose(Objects.requireNonNullElse(purpose, Purpose.SEAM))
                    .systems(systems);
            if (crossingLayers != null) {
                told.crossingLayers(crossingLayers);
            }
            StepStitch advised = StepStitch.advised(told.build());
            StepStitch made = stitch == null ? advised : stitch.stitch(advised);
            Job job = stitch == null
                    ? told.build()
                    : told.stitchWidthMm(made.widthMm()).build();
            return new Step(
                    Objects.requireNonNull(id),
                    Objects.requireNonNull(name),
                    new MatchRequest(job, Optional.empty(), List.of()),
                    made,
                    sewn.toString(),
                    Objects.requireNonNull(seamMetres),
                    Objects.requireNonNullElse(passes, 1),
                    comesAfter(),
                    STATION,
                    OptionalDouble.empty());
        }

        private Set<String> comesAfter() {
            List<String> named = Objects.requireNonNullElse(after, List.of());
            for (int i = 0; i < named.size(); i++) {
                if (named.get(i) == null) {
                    throw ApiRefusal.missing("after[" + i + "]", "Name a step by its id.");
                }
            }
            return new HashSet<>(named);
        }

        void checkPresent(String field) {
            present(id, field + ".id", "Give every step its own id.");
            present(name, field + ".name", "Say what the step is, such as “side seams”.");
            present(stack == null ? fabric : stack, field + ".fabric", "Send a fabric with its layers, or a stack.");
            present(stack == null ? layers : stack, field + ".layers", "Send how many layers lie under the foot.");
            present(thread, field + ".thread", "Send the thread's tex, or its label such as “Tkt 120”.");
            present(seamMetres, field + ".seamMetres", "Send the length of the seam in metres.");
            BadInput.unless(
                    Objects.requireNonNull(id).length() <= LONGEST_ID,
                    field + ".id",
                    () -> "An id has at most " + LONGEST_ID + " characters.");
        }

        private static void present(@Nullable Object value, String field, String whatToSend) {
            if (value == null) {
                throw ApiRefusal.missing(field, whatToSend);
            }
        }
    }

    Station station() {
        BobbinRoom room;
        try {
            room = bobbinCapacity == null ? USUAL_BOBBIN : bobbinCapacity.room();
        } catch (BadInput e) {
            throw e.under("bobbinCapacity");
        }
        return Station.unknown(STATION, Objects.requireNonNullElse(stitchesPerMinute, USUAL_SPEED), room);
    }

    List<Step> steps(ClothCatalogue catalogue) {
        if (steps == null) {
            throw ApiRefusal.missing("steps", "Send the steps of the job, at least one.");
        }
        BadInput.unless(!steps.isEmpty(), "steps", () -> "A job has at least one step.");
        BadInput.unless(
                steps.size() <= JobPlanner.MAX_STEPS,
                "steps",
                () -> "A job has at most " + JobPlanner.MAX_STEPS + " steps. Plan it in two parts.");
        List<NeedleSystem> used = usedSystems();
        for (int i = 0; i < steps.size(); i++) {
            StepBody stepBody = steps.get(i);
            if (stepBody == null) {
                throw ApiRefusal.missing("steps[" + i + "]", "A step has an id, a fabric, a thread and seamMetres.");
            }
            stepBody.checkPresent("steps[" + i + "]");
        }
        List<Step> read = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            try {
                read.add(steps.get(i).step(catalogue, used));
            } catch (BadInput e) {
                throw e.inEntry("steps", i);
            }
        }
        return read;
    }

    private List<NeedleSystem> usedSystems() {
        if (systems == null) {
            return List.of(NeedleSystem.H_130_705);
        }
        BadInput.unless(
                systems.size() <= MAX_SYSTEMS, "systems", () -> "Name at most " + MAX_SYSTEMS + " needle systems.");
        for (int i = 0; i < systems.size(); i++) {
            if (systems.get(i) == null) {
                throw ApiRefusal.missing("systems[" + i + "]", "Name a needle system, such as 130/705 H.");
            }
        }
        return systems;
    }
}
