package belonax.web.match;

import belonax.cloth.ClothCatalogue;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.FootKind;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.match.MatchRequest;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSystem;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import belonax.web.shared.api.DialBody;
import belonax.web.shared.api.FabricBody;
import belonax.web.shared.api.LayersBody;
import belonax.web.shared.api.NeedleBody;
import belonax.web.shared.api.ThreadBody;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@code POST /match/check} takes: a set-up with the needle that is already in the machine. */
record CheckBody(
        @Nullable FabricBody fabric,
        @Nullable ThreadBody thread,
        @Nullable Integer layers,
        @Nullable List<LayersBody> stack,
        @Nullable Integer crossingLayers,
        @Nullable Purpose purpose,
        @Nullable List<NeedleSystem> systems,
        @Nullable MotorPower machinePower,
        @Nullable MachineKind machineKind,
        MatchBody.@Nullable TwinBody twin,
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
        @Nullable List<MatchBody.ProvenBody> proven,
        @Nullable SizeSchool school,
        @Nullable NeedleBody needle,
        @Nullable List<NeedleSystem> machineSystems)
        implements ApiBody {

    /** Returns the job; without machineSystems, systems count. */
    MatchRequest request(ClothCatalogue catalogue) {
        return new MatchBody(
                        fabric,
                        thread,
                        layers,
                        stack,
                        crossingLayers,
                        purpose,
                        machineSystems == null ? systems : machineSystems,
                        machinePower,
                        machineKind,
                        twin,
                        plate,
                        slotMm,
                        footSlotMm,
                        stitchWidthMm,
                        footLiftMm,
                        thickestTex,
                        feet,
                        dial,
                        stitchingAlready,
                        strands,
                        proven,
                        school)
                .request(catalogue);
    }

    NeedleInUse fitted() {
        if (needle == null) {
            throw ApiRefusal.missing("needle", "Send the needle that is in the machine: system, type and size.");
        }
        return needle.needle("needle");
    }
}
