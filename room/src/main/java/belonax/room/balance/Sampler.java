package belonax.room.balance;

import belonax.balance.PastBalance;
import belonax.hazard.Purpose;
import belonax.machine.BobbinKind;
import belonax.match.MatchRequest.Proven;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.event.SetupKept;
import belonax.room.needle.MachineNow;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The sampler book: what was balanced on which machine, and what that teaches. */
@Component
public class Sampler {
    private static final int MAX_READ = 200;
    private static final int MAX_PAST = 60;
    private static final int MAX_PROVEN = 20;

    private final DrawerStore drawer;

    Sampler(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** Returns the runs that hold these words, the newest first. */
    public List<Kept<BalanceRun>> search(String words) {
        List<Kept<BalanceRun>> found = new ArrayList<>(drawer.search(BalanceRun.class, words));
        Collections.reverse(found);
        return found;
    }

    /** Returns the run that is under way on a machine, if one is. */
    public Optional<Kept<BalanceRun>> open(String machineId) {
        return drawer.open(BalanceRun.class, machineId);
    }

    /** Returns what was balanced on a machine, the newest first. */
    public List<PastBalance> past(String machineId) {
        return drawer.ofMachine(BalanceRun.class, machineId, MAX_READ).stream()
                .flatMap(kept -> kept.card().past().stream())
                .limit(MAX_PAST)
                .toList();
    }

    /** Returns the balance of the very set-up on a machine, if it is proven: same cloth, threads, width and needle. */
    public Optional<BalanceRun> proven(BalanceRun asked) {
        return kept(asked.machineId(), asked.sewn().cloth())
                .filter(balanceRun -> sameThreads(balanceRun.sewn(), asked.sewn())
                        && balanceRun.sewn().layers() == asked.sewn().layers()
                        && balanceRun.needleType() == asked.needleType()
                        && Objects.equals(balanceRun.needleNm(), asked.needleNm()))
                .findFirst();
    }

    /** Returns where the dial is proven for a set-up with the needle that is in, if it is. */
    public Optional<Double> provenDial(MachineNow now, SetupKept setup) {
        return provenDials(now).apply(setup);
    }

    /** Returns the same for as many set-ups as are asked about, read once. Loopers have dials of their own, which no strip proves. */
    public Function<SetupKept, Optional<Double>> provenDials(MachineNow now) {
        if (now.machine().bobbin() == BobbinKind.NONE) {
            return any -> Optional.empty();
        }
        NeedleType type =
                now.fitted().map(fitted -> fitted.needle().needle().type()).orElse(null);
        List<BalanceRun> runs = drawer.ofMachine(BalanceRun.class, now.id(), MAX_READ).stream()
                .map(Kept::card)
                .filter(balanceRun -> balanceRun.past().isPresent() && balanceRun.needleType() == type)
                .toList();
        return setup -> runs.stream()
                .filter(balanceRun -> balanceRun.sewn().cloth().equals(setup.cloth())
                        && sameThreads(balanceRun.sewn(), setup)
                        && balanceRun.sewn().layers() == setup.layers())
                .flatMap(balanceRun -> Stream.ofNullable(balanceRun.dial()))
                .findFirst();
    }

    /**
     * Returns the needles that sewed a balanced strip on this cloth and machine, each with what it sewed. A run tells no purpose:
     * it is a seam of that cloth in those layers.
     */
    public List<Proven> provenNeedles(String machineId, String cloth) {
        return kept(machineId, cloth)
                .flatMap(balanceRun -> balanceRun.needleType() == null || balanceRun.needleNm() == null
                        ? Stream.empty()
                        : Stream.of(new Proven(
                                balanceRun.needleType(),
                                NeedleSize.ofNm(balanceRun.needleNm()),
                                OptionalInt.of(balanceRun.sewn().layers()),
                                OptionalDouble.of(balanceRun.sewn().top().tex()),
                                Optional.of(Purpose.SEAM))))
                .distinct()
                .limit(MAX_PROVEN)
                .toList();
    }

    private Stream<BalanceRun> kept(String machineId, String cloth) {
        return drawer.ofMachine(BalanceRun.class, machineId, MAX_READ).stream()
                .map(Kept::card)
                .filter(balanceRun -> balanceRun.past().isPresent()
                        && balanceRun.sewn().cloth().equals(cloth));
    }

    private static boolean sameThreads(SetupKept one, SetupKept other) {
        return one.top().equals(other.top())
                && Objects.equals(one.bobbin(), other.bobbin())
                && one.stitchWidthMm() == other.stitchWidthMm();
    }
}
