package belonax.room.balance;

import belonax.BadInput;
import belonax.balance.StripObservation;
import belonax.balance.TopFace;
import belonax.balance.Underside;
import belonax.room.balance.BalanceRun.State;
import belonax.room.balance.BalanceRun.StripKept;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.PictureStore;
import belonax.room.event.TableWork;
import belonax.room.event.Undo;
import belonax.room.needle.SewingRoom;
import belonax.room.usecase.UseCase;
import belonax.room.workbench.Workbench;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;

/** What is done while a machine is balanced. */
@Service
public class BalanceBook {
    private final DrawerStore drawer;
    private final Sampler sampler;
    private final SewingRoom room;
    private final Workbench table;
    private final PictureStore pictures;
    private final Undo undo;
    private final Clock clock;
    private final Supplier<UUID> ids;

    BalanceBook(
            DrawerStore drawer,
            Sampler sampler,
            SewingRoom room,
            Workbench table,
            PictureStore pictures,
            Undo undo,
            Clock clock,
            Supplier<UUID> ids) {
        this.drawer = drawer;
        this.sampler = sampler;
        this.room = room;
        this.table = table;
        this.pictures = pictures;
        this.undo = undo;
        this.clock = clock;
        this.ids = ids;
    }

    /**
     * A strip as it was read.
     *
     * @param strip the strip that is read anew; empty for a new one
     */
    public record Reading(
            Optional<UUID> strip, double dial, TopFace top, Underside underside, List<StripObservation> also) {}

    /**
     * Begins a run; one that goes on at the machine ends.
     *
     * @param work what is balanced, where that is told
     * @return the new run
     */
    @UseCase
    public UUID begin(BalanceRun run, Optional<TableWork> work) {
        room.hold(run.machineId());
        work.ifPresent(tableWork -> table.lay(ids.get(), run.machineId(), tableWork));
        sampler.open(run.machineId())
                .ifPresent(kept -> drawer.change(BalanceRun.class, kept.id(), open -> open.ended(State.ENDED, null)));
        return drawer.add(run).card();
    }

    /** Begins a run on a machine that is not there, for trying it out. */
    @UseCase
    public UUID beginSimulated(BalanceRun run, Optional<TableWork> work) {
        return begin(run.simulatedBy(ids.get().getMostSignificantBits() >>> 20), work);
    }

    /**
     * Writes a strip down, or reads one anew.
     *
     * @throws BadInput if this machine's dial does not go there
     */
    @UseCase
    public void read(UUID id, int revision, Reading reading) {
        change(id, revision, run -> {
            room.find(run.machineId()).orElseThrow().machine().dial().check(reading.dial());
            UUID strip = reading.strip().orElseGet(ids);
            boolean photo = run.find(strip).map(StripKept::photo).orElse(false);
            return run.with(
                    new StripKept(strip, reading.dial(), reading.top(), reading.underside(), reading.also(), photo));
        });
    }

    /** Takes a strip out again. */
    @UseCase
    public void drop(UUID id, int revision, UUID strip) {
        change(id, revision, run -> run.without(strip));
    }

    /**
     * Keeps the photograph of a strip.
     *
     * @throws BadInput if there is no such strip
     */
    @UseCase
    public void photographed(UUID id, int revision, UUID strip, PictureStore.Picture picture) {
        change(
                id,
                revision,
                run -> run.with(run.find(strip)
                        .orElseThrow(() -> new BadInput("strip", "There is no such strip."))
                        .withPhoto()));
        pictures.keep(strip, picture);
    }

    /**
     * Keeps the balance: proven for this set-up, and the last balance of the machine where there is one.
     *
     * @return the action, by which it can be taken back; none on a simulated machine
     */
    @UseCase
    public Optional<UUID> keep(UUID id, int revision, double dial) {
        BalanceRun kept = drawer.get(BalanceRun.class, id).card();
        if (kept.simulated() == null) {
            room.get(kept.machineId()).machine().dial().check(dial);
        }
        double minutes = room.get(kept.machineId()).work().sewnMinutes();
        change(id, revision, run -> run.kept(dial, minutes));
        return kept.simulated() == null
                ? Optional.of(room.balanced(kept.machineId(), dial, kept.sewn()))
                : Optional.empty();
    }

    /**
     * Takes a kept balance back, in the log as well: its run goes on, or waits aside where another is under way.
     *
     * @param action what {@link #keep} returned
     */
    @UseCase
    public void takeBack(UUID id, int revision, UUID action) {
        change(id, revision, run -> {
            boolean another = sampler.open(run.machineId()).isPresent();
            return run.ended(another ? State.ENDED : State.OPEN, null);
        });
        undo.undo(action);
    }

    /** Ends a run; nothing is kept of it as a balance. */
    @UseCase
    public void end(UUID id, int revision) {
        change(id, revision, run -> run.ended(State.ENDED, null));
    }

    /** Ends a run and begins the same anew, because the bobbin was put right. Returns the new run. */
    @UseCase
    public UUID beginAnew(UUID id, int revision) {
        end(id, revision);
        BalanceRun ended = drawer.get(BalanceRun.class, id).card();
        return drawer.add(ended.anew(LocalDate.now(clock))).card();
    }

    private void change(UUID id, int revision, UnaryOperator<BalanceRun> change) {
        room.hold(drawer.get(BalanceRun.class, id).card().machineId());
        drawer.change(BalanceRun.class, id, revision, change);
    }
}
