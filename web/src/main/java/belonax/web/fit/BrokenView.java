package belonax.web.fit;

import belonax.room.Words;
import belonax.room.needle.MachineNow;
import belonax.web.shared.drawing.ClampedNeedle;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The broken needle, with the pieces to be laid on its drawing. */
public record BrokenView(
        String machineId,
        String machine,
        int place,
        @Nullable String needleId,
        String needle,
        @Nullable ClampedNeedle drawing) {

    static BrokenView of(MachineNow now, int place) {
        Optional<MachineNow.Fitted> fitted = now.fittedIn(place);
        return new BrokenView(
                now.id(),
                now.machine().name(),
                place,
                fitted.map(otherFitted -> otherFitted.needleId().toString()).orElse(null),
                fitted.map(otherFitted ->
                                Words.capital(otherFitted.needle().needle().words()))
                        .orElse("No needle"),
                fitted.map(otherFitted -> otherFitted.needle().needle())
                        .filter(needle -> !needle.type().isMultiple())
                        .map(needle -> ClampedNeedle.of(needle, 0))
                        .orElse(null));
    }
}
