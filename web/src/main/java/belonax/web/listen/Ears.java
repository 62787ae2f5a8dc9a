package belonax.web.listen;

import belonax.BadInput;
import belonax.life.Wear;
import belonax.room.sound.Began;
import belonax.sound.KnockWatch;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** All that is listened to. Nothing of it outlives Belonax. */
@Component
class Ears {
    private static final Duration FORGOTTEN = Duration.ofHours(24);
    private static final int MOST = 32;

    private final List<Ear> ears = new ArrayList<>();
    private final Clock clock;
    private final Supplier<UUID> ids;

    Ears(Clock clock, Supplier<UUID> ids) {
        this.clock = clock;
        this.ids = ids;
    }

    /** Begins to listen to a machine; one that is listened to already goes on. */
    synchronized Ear of(String machineId, Began began, KnockWatch watch) {
        return open(machineId).orElseGet(() -> add(machineId, began, watch));
    }

    /** Returns what of a machine is neither counted nor thrown away. */
    synchronized Optional<Ear> open(String machineId) {
        return newest(machineId).filter(Ears::isOpen);
    }

    private static boolean isOpen(Ear ear) {
        Listening now = ear.now();
        return !now.isThrownAway() && now.countedAs().isEmpty();
    }

    /** Listens to a machine that is not there; nobody asks for it again. */
    Ear simulated(KnockWatch watch) {
        return new Ear(ids.get(), "", new Began(clock.instant(), Map.of(), 0, Wear.ORDINARY, null), watch, true);
    }

    private Ear add(String machineId, Began began, KnockWatch watch) {
        ears.removeIf(
                otherEar -> otherEar.began().since().isBefore(began.since().minus(FORGOTTEN)));
        if (ears.size() >= MOST) {
            ears.remove(0);
        }
        Ear ear = new Ear(ids.get(), machineId, began, watch, false);
        ears.add(ear);
        return ear;
    }

    /** Returns what a machine was listened to last. */
    synchronized Optional<Ear> newest(String machineId) {
        return ears.stream()
                .filter(ear -> ear.machineId().equals(machineId))
                .max(Comparator.comparing(ear -> ear.began().since()));
    }

    /**
     * Returns a listening.
     *
     * @throws BadInput if it is not there any more
     */
    synchronized Ear get(UUID id) {
        return ears.stream()
                .filter(ear -> ear.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new BadInput(
                        "machine",
                        "What was heard is gone: Belonax was started anew. Listen again, or use the clock."));
    }
}
