package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.match.MatchRequest;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import belonax.web.shared.api.FabricBody;
import belonax.web.shared.api.LayersBody;
import belonax.web.shared.api.StackBody;
import belonax.web.shared.api.ThreadBody;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What {@code POST /match} takes. */
record MatchBody(
        @Nullable FabricBody fabric,
        @Nullable ThreadBody thread,
        @Nullable Integer layers,
        @Nullable List<LayersBody> stack,
        @Nullable Integer crossingLayers,
        @Nullable Purpose purpose,
        @Nullable List<NeedleSystem> systems,
        @Nullable MotorPower machinePower,
        @Nullable TwinBody twin,
        @Nullable Plate plate,
        @Nullable Double stitchWidthMm,
        @Nullable List<ProvenBody> proven,
        @Nullable SizeSchool school)
        implements ApiBody {

    /** Wish for a twin or triple needle. */
    record TwinBody(@Nullable Double spacingMm, @Nullable Integer needles) {}

    /** A set-up that worked here before. */
    record ProvenBody(@Nullable NeedleType type, @Nullable NeedleSize size) {}

    MatchRequest request(ClothCatalogue catalogue) {
        return new MatchRequest(job(catalogue), wish(), provenSetups());
    }

    private Job job(ClothCatalogue catalogue) {
        if (thread == null) {
            throw ApiRefusal.missing("thread", "Send the thread's tex, or its label such as “Tkt 120”.");
        }
        JobBuilder job = Job.sewing(StackBody.stack(fabric, layers, stack, catalogue), thread.thread("thread"))
                .purpose(Objects.requireNonNullElse(purpose, Purpose.SEAM))
                .systems(usedSystems())
                .power(Objects.requireNonNullElse(machinePower, MotorPower.NORMAL))
                .plate(Objects.requireNonNullElse(plate, Plate.ZIGZAG))
                .stitchWidthMm(Objects.requireNonNullElse(stitchWidthMm, 0.0))
                .school(Objects.requireNonNullElse(school, SizeSchool.INTERSECT));
        if (crossingLayers != null) {
            job.crossingLayers(crossingLayers);
        }
        return job.build();
    }

    private List<NeedleSystem> usedSystems() {
        if (systems == null) {
            return List.of(NeedleSystem.H_130_705);
        }
        for (int i = 0; i < systems.size(); i++) {
            if (systems.get(i) == null) {
                throw ApiRefusal.missing("systems[" + i + "]", "Name a needle system, such as 130/705 H.");
            }
        }
        return systems;
    }

    private Optional<MatchRequest.TwinWish> wish() {
        if (twin == null) {
            return Optional.empty();
        }
        if (twin.spacingMm() == null) {
            throw ApiRefusal.missing("twin.spacingMm", "Send the distance between the needles in mm, such as 4.0.");
        }
        try {
            return Optional.of(
                    new MatchRequest.TwinWish(twin.spacingMm(), Objects.requireNonNullElse(twin.needles(), 2)));
        } catch (BadInput e) {
            throw e.under("twin");
        }
    }

    private List<MatchRequest.Proven> provenSetups() {
        List<MatchRequest.Proven> setups = new ArrayList<>();
        List<ProvenBody> given = Objects.requireNonNullElse(proven, List.<ProvenBody>of());
        for (int i = 0; i < given.size(); i++) {
            ProvenBody it = given.get(i);
            if (it == null || it.type() == null || it.size() == null) {
                throw ApiRefusal.missing("proven[" + i + "]", "A proven set-up has a type and a size.");
            }
            setups.add(new MatchRequest.Proven(it.type(), it.size()));
        }
        return setups;
    }
}
