package belonax.room.practice;

import belonax.balance.Reading;
import belonax.balance.Slips;
import belonax.fault.Symptom;
import belonax.room.ReadCache;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.HowRead;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.trouble.MendCase;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Each sewist's own table of slips: from drills, and from strips at the machine once their truth is known. A strip at the dial
 * that was kept was truly clean when the balance held: half an hour sewn with it, not taken back, and no trouble with tension.
 */
@Component
public class HowSewistsRead implements HowRead {
    private static final double HELD_MINUTES = 30;
    private static final double SAME = 1e-9;
    private static final Set<Symptom> OF_TENSION = EnumSet.of(
            Symptom.LOOPS_BELOW, Symptom.DOTS_ON_TOP, Symptom.UNEVEN_TENSION, Symptom.PUCKER, Symptom.NEST_BELOW);

    private final DrawerStore drawer;
    private final PracticeBook practice;
    private final SewingRoom room;
    private final ReadCache cache;

    HowSewistsRead(DrawerStore drawer, PracticeBook practice, SewingRoom room, ReadCache cache) {
        this.drawer = drawer;
        this.practice = practice;
        this.room = room;
        this.cache = cache;
    }

    @Override
    public Slips of(String reader) {
        return cache.of(
                "slips of " + reader,
                () -> Slips.of(Stream.concat(practice.reads(reader).stream(), atTheMachine(reader).stream())));
    }

    /** Returns what was read of strips at the machine whose truth became known. */
    @Transactional(readOnly = true)
    public List<Slips.Read> atTheMachine(String reader) {
        List<BalanceRun> kept = drawer.all(BalanceRun.class).stream()
                .map(Kept::card)
                .filter(balanceRun ->
                        balanceRun.past().isPresent() && balanceRun.readBy().equals(reader))
                .toList();
        if (kept.isEmpty()) {
            return List.of();
        }
        Map<String, MachineNow> machines =
                room.machines().stream().collect(Collectors.toMap(MachineNow::id, Function.identity()));
        List<MendCase> troubles = drawer.all(MendCase.class).stream()
                .map(Kept::card)
                .filter(mendCase -> mendCase.symptoms().stream().anyMatch(OF_TENSION::contains))
                .toList();
        return kept.stream()
                .filter(balanceRun -> held(balanceRun, machines.get(balanceRun.machineId()), troubles))
                .flatMap(HowSewistsRead::atItsDial)
                .toList();
    }

    private static boolean held(BalanceRun run, @Nullable MachineNow machine, List<MendCase> troubles) {
        return machine != null
                && run.sewnBefore() != null
                && machine.work().sewnMinutes() - run.sewnBefore() >= HELD_MINUTES
                && troubles.stream()
                        .noneMatch(mendCase -> mendCase.machineId().equals(run.machineId())
                                && !mendCase.begunOn().isBefore(run.begunOn()));
    }

    private static Stream<Slips.Read> atItsDial(BalanceRun run) {
        double dial = Objects.requireNonNull(run.dial());
        return run.read().stream()
                .filter(strip -> Math.abs(strip.dial() - dial) < SAME && !strip.isNest())
                .map(strip -> new Slips.Read(Reading.CLEAN, Reading.of(strip)));
    }
}
