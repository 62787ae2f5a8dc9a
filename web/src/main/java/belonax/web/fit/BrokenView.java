package belonax.web.fit;

import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.room.Words;
import belonax.room.drawer.ClothShelf;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.needle.MachineNow;
import belonax.thread.SewingThread;
import belonax.web.shared.drawing.ClampedNeedle;
import belonax.web.shared.form.Entries;
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
        String needle,
        @Nullable ClampedNeedle drawing) {
    private static final List<String> PIECES = List.of("tip", "blade", "butt");

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

    /** Returns what broke it, where a cloth was named: it is kept, and raises the hazard shown for that set-up here. */
    static Optional<SetupKept> sewn(Entries entries, MachineNow now, ClothShelf cloths) {
        if (!entries.has("cloth")) {
            return Optional.empty();
        }
        Cloth cloth = cloths.get(entries.text("cloth"));
        Integer layers = entries.whole("layers", "Count the layers that were under the foot.");
        return Optional.of(entries.done(() -> {
            Stack stack = Stack.of(cloth, Objects.requireNonNull(layers));
            SewingThread thread = now.thread().orElse(SewingThread.spunPolyester(25));
            return new SetupKept(
                    cloth.id(), stack.words(), stack.layers(), stack.thicknessMm(), 0, ThreadKept.of(thread), null);
        }));
    }

    /** Returns the pieces that were not found, in words. */
    static String missing(@Nullable List<String> found) {
        List<String> all = Objects.requireNonNullElse(found, List.of());
        return PIECES.stream().filter(it -> !all.contains(it)).collect(Collectors.joining(", "));
    }
}
