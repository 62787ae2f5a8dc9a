package belonax.web.fit;

import belonax.web.shared.Words;
import belonax.web.shared.room.MachineNow;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The broken needle, with the pieces to be laid on its drawing. */
record BrokenView(
        String machineId,
        String machine,
        int place,
        @Nullable String needleId,
        String needle) {
    private static final List<String> PIECES = List.of("tip", "blade", "butt");

    static BrokenView of(MachineNow now, int place) {
        Optional<MachineNow.Fitted> fitted = now.places().stream()
                .filter(it -> it.number() == place)
                .flatMap(it -> it.fitted().stream())
                .findFirst();
        return new BrokenView(
                now.id(),
                now.machine().name(),
                place,
                fitted.map(it -> it.needleId().toString()).orElse(null),
                fitted.map(it -> Words.capital(it.needle().needle().words())).orElse("No needle"));
    }

    /** Returns the pieces that were not found, in words. */
    static String missing(@Nullable List<String> found) {
        List<String> all = Objects.requireNonNullElse(found, List.of());
        return PIECES.stream().filter(it -> !all.contains(it)).collect(Collectors.joining(", "));
    }
}
