package belonax.web.fit;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.needle.MachineNow;
import belonax.thread.SewingThread;
import belonax.web.shared.form.Ask;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is said of a needle that broke.
 *
 * @param found the pieces that were found so far
 * @param cloth what broke it; empty when that is not told
 */
record BrokenForm(
        @Nullable List<String> found,
        @Nullable String cloth,

        @Ask("Count the layers that were under the foot.") @Nullable
        Integer layers) {
    private static final List<String> PIECES = List.of("tip", "blade", "butt");

    /** Returns it with what is usual where nothing is told: a butt stays in the clamp. */
    BrokenForm orUsual() {
        return new BrokenForm(
                Objects.requireNonNullElse(found, List.of("butt")),
                Objects.requireNonNullElse(cloth, "quilting-cotton"),
                Objects.requireNonNullElse(layers, 2));
    }

    /**
     * Returns what broke it, where a cloth was named: it is kept, and raises the hazard shown for that set-up here.
     *
     * @param named finds a cloth by its id
     * @throws BadInput if cloth or layers will not do
     */
    Optional<SetupKept> sewn(MachineNow now, Function<String, Cloth> named) {
        if (cloth == null || cloth.isBlank()) {
            return Optional.empty();
        }
        Cloth chosen = named.apply(cloth);
        if (layers == null) {
            throw new BadInput("layers", "This is missing. Count the layers that were under the foot.");
        }
        Stack stack = Stack.of(chosen, layers);
        SewingThread thread = now.thread().orElse(SewingThread.spunPolyester(25));
        return Optional.of(new SetupKept(
                chosen.id(), stack.words(), stack.layers(), stack.thicknessMm(), 0, ThreadKept.of(thread), null));
    }

    /** Returns the pieces that were not found, in words. */
    String missing() {
        List<String> all = Objects.requireNonNullElse(found, List.of());
        return PIECES.stream().filter(it -> !all.contains(it)).collect(Collectors.joining(", "));
    }
}
