package belonax.room.trouble;

import belonax.BadInput;
import belonax.fault.Check;
import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.fault.Glance;
import belonax.fault.Glance.Look;
import belonax.fault.OnRecord;
import belonax.life.CareKind;
import belonax.room.ChangedMeanwhile;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.care.CareLog;
import belonax.room.drawer.Spool;
import belonax.room.event.TableWork;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook.Disposal;
import belonax.room.needle.NeedleNotes;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.supply.NeedleSource;
import belonax.room.supply.NeedleSupply;
import belonax.room.supply.NeedleSupply.Change;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.MendCase.Step;
import belonax.room.usecase.UseCase;
import belonax.room.workbench.Workbench;
import belonax.thread.SnapResult;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What is done about a trouble. What a check finds is an event of the machine, and what was changed for it, such as the needle,
 * the dial, a date or a spool, is written down in the same action. Taking the answer back takes all of it back.
 */
@Service
public class TroubleBook {
    private final FaultFinder finder;
    private final SewingRoom room;
    private final Workbench table;
    private final WorkLog timer;
    private final NeedleNotes notes;
    private final NeedleSupply supply;
    private final Undo undo;
    private final CareLog care;
    private final CureLog cures;
    private final CaseBook cases;
    private final DrawerStore drawer;
    private final Clock clock;
    private final Supplier<UUID> ids;

    TroubleBook(
            FaultFinder finder,
            SewingRoom room,
            Workbench table,
            WorkLog timer,
            NeedleNotes notes,
            NeedleSupply supply,
            Undo undo,
            CareLog care,
            CureLog cures,
            CaseBook cases,
            DrawerStore drawer,
            Clock clock,
            Supplier<UUID> ids) {
        this.finder = finder;
        this.room = room;
        this.table = table;
        this.timer = timer;
        this.notes = notes;
        this.supply = supply;
        this.undo = undo;
        this.care = care;
        this.cures = cures;
        this.cases = cases;
        this.drawer = drawer;
        this.clock = clock;
        this.ids = ids;
    }

    /**
     * What a check came to.
     *
     * @param dial where the dial stands now; null when it was not told
     * @param seen the needle that the page showed in the machine
     * @param in the needle that is in now; empty when it is the old one
     * @param spool the spool that was on the machine
     */
    public record Answer(
            CheckId check,
            Result result,
            @Nullable Double dial,
            Optional<UUID> seen,
            Optional<NeedleSource> in,
            Optional<UUID> spool) {}

    /**
     * Begins the search; a trouble that is open on the machine is put aside, and its timer stops.
     *
     * @param work what was sewn, where that is told
     * @return the new trouble
     */
    @UseCase
    public UUID begin(MendCase trouble, Optional<TableWork> work) {
        room.hold(trouble.machineId());
        timer.pauseFor(trouble.machineId());
        work.ifPresent(tableWork -> table.lay(ids.get(), trouble.machineId(), tableWork));
        putOpenAside(trouble.machineId(), Optional.empty());
        return drawer.add(trouble).card();
    }

    /**
     * Writes down what was seen as it was found.
     *
     * @param dial where the dial stood; null when nobody looked
     * @throws BadInput if this machine's dial does not go there
     */
    @UseCase
    public void glanced(UUID id, int revision, Map<Glance, Look> seen, @Nullable Double dial) {
        change(id, revision, mendCase -> {
            if (dial != null) {
                room.find(mendCase.machineId()).orElseThrow().machine().dial().check(dial);
            }
            return mendCase.glanced(seen, dial);
        });
    }

    /**
     * Writes down what a check came to, with everything that goes with it.
     *
     * @throws BadInput if something told with the answer will not do
     * @throws ChangedMeanwhile if the trouble or the needle is another one by now
     */
    @UseCase
    public void answer(UUID id, int revision, Answer answer) {
        change(id, revision, mendCase -> answered(mendCase, answer));
    }

    /** Writes down that none of these checks found anything: they were made on one tour. */
    @UseCase
    public void foundNothing(UUID id, int revision, List<CheckId> tour) {
        change(id, revision, mendCase -> {
            MendCase after = mendCase;
            for (CheckId check : tour) {
                after = answered(
                        after,
                        new Answer(check, Result.NOT_IT, null, Optional.empty(), Optional.empty(), Optional.empty()));
            }
            return after;
        });
    }

    /** Takes the last answer back, and what was recorded with it. */
    @UseCase
    public void takeBack(UUID id, int revision) {
        Optional<Step> last = drawer.get(MendCase.class, id).card().last();
        // The answer goes first: taken back in the log, its cure finds no trouble left to open.
        change(id, revision, MendCase::beforeTheLast);
        last.ifPresent(this::takeBack);
    }

    @UseCase
    public void putAside(UUID id, int revision) {
        change(id, revision, MendCase::aside);
    }

    /** Goes on with a trouble that was put aside; one that is open on the machine is put aside for it. */
    @UseCase
    public void resume(UUID id, int revision) {
        change(id, revision, mendCase -> {
            putOpenAside(mendCase.machineId(), Optional.of(id));
            return mendCase.resumed();
        });
    }

    /** The machine is held first, as everywhere, so that no two ever wait for each other. */
    private void change(UUID id, int revision, UnaryOperator<MendCase> change) {
        room.hold(drawer.get(MendCase.class, id).card().machineId());
        drawer.change(MendCase.class, id, revision, change);
    }

    private void putOpenAside(String machineId, Optional<UUID> butNot) {
        cases.open(machineId)
                .map(Kept::id)
                .filter(id -> !butNot.equals(Optional.of(id)))
                .ifPresent(id -> drawer.change(MendCase.class, id, MendCase::aside));
    }

    private MendCase answered(MendCase mendCase, Answer answer) {
        Check check = finder.table().check(answer.check());
        Result result = answer.result();
        boolean found = result == Result.CURED || result == Result.STILL;
        UUID action = ids.get();
        if (found) {
            putRight(action, mendCase.machineId(), check, answer);
        }
        boolean takesNeedles = Records.of(check) == Records.NEEDLE && result != Result.CANNOT;
        if (result == Result.CURED && !takesNeedles) {
            notes.explained(action, mendCase.machineId());
        }
        boolean changed = takesNeedles
                && needleChanged(action, mendCase, found && check.onRecord() == OnRecord.NEEDLE_FAILED, answer);
        return mendCase.after(new Step(
                check.id(),
                check.title(),
                result,
                result == Result.CANNOT ? 0 : check.minutes(),
                found || changed ? action : null,
                found && Records.of(check) == Records.SPOOL ? spoolMarked(answer) : null));
    }

    private void putRight(UUID action, String machineId, Check check, Answer answer) {
        cures.cured(action, machineId, check.id());
        CareKind dated = Records.dated(check);
        if (dated != null) {
            care.done(action, machineId, dated);
        }
        if (Records.of(check) == Records.DIAL) {
            if (answer.dial() == null) {
                throw new BadInput("dial", "Read the dial off the machine.");
            }
            cures.dialSet(action, machineId, answer.dial());
        }
    }

    private boolean needleChanged(UUID action, MendCase mendCase, boolean failed, Answer answer) {
        if (answer.in().isEmpty()) {
            return false;
        }
        MachineNow.Place place = room.find(mendCase.machineId()).orElseThrow().placeAskedAbout();
        Optional<UUID> old = place.fitted().map(MachineNow.Fitted::needleId);
        if (!old.equals(answer.seen())) {
            throw new ChangedMeanwhile("The needle was changed in another window.");
        }
        supply.change(
                action,
                new Change(
                        mendCase.machineId(),
                        place.number(),
                        old,
                        answer.in().get(),
                        failed ? Disposal.JAR : Disposal.PARK,
                        "beside " + mendCase.machineName(),
                        failed,
                        Optional.empty()));
        return true;
    }

    private @Nullable UUID spoolMarked(Answer answer) {
        LocalDate today = LocalDate.now(clock);
        return answer.spool()
                .flatMap(id -> drawer.hold(Spool.class, id))
                .map(kept -> drawer.change(
                                Spool.class, kept.id(), spool -> spool.snapped(SnapResult.PARTS_AT_ONCE, today))
                        .change())
                .orElse(null);
    }

    private void takeBack(Step step) {
        if (step.action() != null) {
            undo.undo(step.action());
        }
        if (step.drawerChange() != null) {
            drawer.undo(step.drawerChange());
        }
    }
}
