package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.FootKind;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.machine.Reach;
import belonax.match.MatchRequest;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import belonax.web.shared.api.DialBody;
import belonax.web.shared.api.FabricBody;
import belonax.web.shared.api.LayersBody;
import belonax.web.shared.api.NeedleBody;
import belonax.web.shared.api.StackBody;
import belonax.web.shared.api.ThreadBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
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
        @Nullable MachineKind machineKind,
        @Nullable TwinBody twin,
        @Nullable Plate plate,
        @Nullable Double slotMm,
        @Nullable Double footSlotMm,
        @Nullable Double stitchWidthMm,
        @Nullable Double footLiftMm,
        @Nullable Double thickestTex,
        @Nullable List<FootKind> feet,
        @Nullable DialBody dial,
        @Nullable Integer stitchingAlready,
        @Nullable Integer strands,
        @Nullable List<ProvenBody> proven,
        @Nullable SizeSchool school)
        implements ApiBody {

    /** Wish for a twin or triple needle. */
    record TwinBody(@Nullable Double spacingMm, @Nullable Integer needles) {}

    /** A set-up that worked here before; what is not told of it counts for this very job. */
    record ProvenBody(
            @Nullable NeedleType type,

            @Schema(implementation = Integer.class, example = "80", description = NeedleBody.SIZE_TAKEN) @Nullable
            NeedleSize size,

            @Nullable Integer layers,
            @Nullable Double tex,
            @Nullable Purpose purpose) {}

    MatchRequest request(ClothCatalogue catalogue) {
        return new MatchRequest(job(catalogue), wish(), provenSetups());
    }

    private Job job(ClothCatalogue catalogue) {
        Stack cloths = StackBody.stack(fabric, layers, stack, catalogue);
        JobBuilder job = Job.sewing(cloths, sewingThread())
                .purpose(purpose != null ? purpose : machineKind != null ? Purpose.usualOn(machineKind) : Purpose.SEAM)
                .systems(usedSystems())
                .power(Objects.requireNonNullElse(machinePower, MotorPower.NORMAL))
                .plate(Objects.requireNonNullElse(plate, Plate.ZIGZAG))
                .stitchWidthMm(Objects.requireNonNullElse(stitchWidthMm, 0.0))
                .stitchingAlready(Objects.requireNonNullElse(stitchingAlready, 0))
                .reach(new Reach(optional(footLiftMm), optional(thickestTex)))
                .school(Objects.requireNonNullElse(school, SizeSchool.INTERSECT));
        if (machineKind != null) {
            job.machineKind(machineKind);
        }
        if (crossingLayers != null) {
            job.crossingLayers(crossingLayers);
        }
        if (dial != null) {
            job.dial(dial.dial());
        }
        if (feet != null) {
            job.feet(present("feet", feet, "Name a foot, such as WALKING."));
        }
        addSlot(job);
        return job.build();
    }

    /** The narrower of plate and foot counts. */
    private void addSlot(JobBuilder job) {
        checkSlot("slotMm", slotMm);
        checkSlot("footSlotMm", footSlotMm);
        Stream.of(optional(slotMm), optional(footSlotMm))
                .flatMapToDouble(OptionalDouble::stream)
                .min()
                .ifPresent(job::slotMm);
    }

    private static void checkSlot(String field, @Nullable Double mm) {
        BadInput.unless(
                mm == null || mm >= 0.5 && mm <= 15,
                field,
                () -> "The slot of a plate or foot is 0.5 to 15 mm wide. Lay a ruler across it.");
    }

    private SewingThread sewingThread() {
        if (thread == null) {
            throw ApiRefusal.missing("thread", "Send the thread's tex, or its label such as “Tkt 120”.");
        }
        SewingThread told = thread.thread("thread");
        return strands == null ? told : told.inStrands(strands);
    }

    private List<NeedleSystem> usedSystems() {
        return systems == null
                ? List.of(NeedleSystem.H_130_705)
                : present("systems", systems, "Name a needle system, such as 130/705 H.");
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
            ProvenBody provenBody = given.get(i);
            if (provenBody == null || provenBody.type() == null || provenBody.size() == null) {
                throw ApiRefusal.missing("proven[" + i + "]", "A proven set-up has a type and a size.");
            }
            try {
                setups.add(new MatchRequest.Proven(
                        provenBody.type(),
                        provenBody.size(),
                        provenBody.layers() == null ? OptionalInt.empty() : OptionalInt.of(provenBody.layers()),
                        optional(provenBody.tex()),
                        Optional.ofNullable(provenBody.purpose())));
            } catch (BadInput e) {
                throw e.under("proven[" + i + "]");
            }
        }
        return setups;
    }

    private static <T> List<T> present(String field, List<T> entries, String advice) {
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i) == null) {
                throw ApiRefusal.missing(field + "[" + i + "]", advice);
            }
        }
        return entries;
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
