package belonax.web.fit;

import belonax.room.event.SetupKept;
import belonax.room.event.TableWork;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is said of a needle that broke.
 *
 * @param found the pieces that were found so far
 * @param untold whether what broke it is not to be kept
 */
public record BrokenForm(
        @Nullable List<String> found, @Nullable Boolean untold) {
    private static final List<String> PIECES = List.of("tip", "blade", "butt");

    /** Returns it with what is usual where nothing is told: a butt stays in the clamp. */
    BrokenForm orUsual() {
        return new BrokenForm(Objects.requireNonNullElse(found, List.of("butt")), untold);
    }

    /** Returns what broke it, unless that is not to be kept: it raises the hazard shown for that set-up here. */
    Optional<SetupKept> sewn(Supplier<TableWork> work) {
        return Boolean.TRUE.equals(untold)
                ? Optional.empty()
                : Optional.of(work.get().setup());
    }

    /** Returns the pieces that were not found, in words. */
    String missing() {
        List<String> all = Objects.requireNonNullElse(found, List.of());
        return PIECES.stream().filter(piece -> !all.contains(piece)).collect(Collectors.joining(", "));
    }
}
