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
                fitted.map(it -> it.needleId().toString()).orElse(null),
                fitted.map(it -> Words.capital(it.needle().needle().words())).orElse("No needle"),
                fitted.map(it -> it.needle().needle())
                        .filter(it -> !it.type().isMultiple())
                        .map(it -> ClampedNeedle.of(it, 0))
                        .orElse(null));
    }
}
