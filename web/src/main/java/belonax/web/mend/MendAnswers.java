package belonax.web.mend;

import belonax.BadInput;
import belonax.fault.Check;
import belonax.fault.FaultFinder;
import belonax.life.CareKind;
import belonax.needle.Needle;
import belonax.room.ChangedMeanwhile;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.care.CareLog;
import belonax.room.drawer.NeedleSupply;
import belonax.room.drawer.NeedleSupply.Change;
import belonax.room.drawer.Spool;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.MachineNow.Place;
import belonax.room.needle.NeedleBook.Goes;
import belonax.room.needle.SewingRoom;
import belonax.room.trouble.CureLog;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.MendCase.Step;
import belonax.thread.SnapTest;
import belonax.web.shared.form.Entries;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes the answer to a check: what was found is an event of the machine, and what was changed for it, such as the needle,
 * the dial, a date or a spool, is written down in the same action. Taking the answer back takes all of it back.
 */
@Component
class MendAnswers {
    private final FaultFinder finder;
    private final SewingRoom room;
    private final NeedleSupply supply;
    private final Undo undo;
    private final CareLog care;
    private final CureLog cures;
    private final DrawerStore drawer;
    private final MendNeedles needles;
    private final Clock clock;
    private final Supplier<UUID> ids;

    MendAnswers(
            FaultFinder finder,
            SewingRoom room,
            NeedleSupply supply,
            Undo undo,
            CareLog care,
            CureLog cures,
            DrawerStore drawer,
            MendNeedles needles,
            Clock clock,
            Supplier<UUID> ids) {
        this.finder = finder;
        this.room = room;
        this.supply = supply;
        this.undo = undo;
        this.care = care;
        this.cures = cures;
        this.drawer = drawer;
        this.needles = needles;
        this.clock = clock;
        this.ids = ids;
    }

    /**
     * Returns the case after an answer, with everything recorded that goes with it.
     *
     * @throws BadInput if there is no such check, or something typed with the answer will not do
     * @throws ChangedMeanwhile if the needle is another one by now
     */
    @Transactional(propagation = Propagation.MANDATORY)
    MendCase answered(MendCase it, String checkId, Result result, Entries entries) {
        Check check = finder.table().check(checkId);
        boolean found = result == Result.CURED || result == Result.STILL;
        UUID action = ids.get();
        if (found) {
            putRight(action, it.machineId(), checkId, entries);
        }
        boolean takesNeedles = Records.of(checkId) == Records.NEEDLE && result != Result.CANNOT;
        boolean changed = takesNeedles && needleChanged(action, it, check, found, entries);
        return it.after(new Step(
                checkId,
                check.title(),
                result,
                result == Result.CANNOT ? 0 : check.minutes(),
                found || changed ? action : null,
                found && Records.of(checkId) == Records.SPOOL ? spoolMarked(entries) : null));
    }

    private void putRight(UUID action, String machineId, String checkId, Entries entries) {
        cures.cured(action, machineId, checkId);
        CareKind dated = Records.dated(checkId);
        if (dated != null) {
            care.done(action, machineId, dated);
        }
        if (Records.of(checkId) == Records.DIAL) {
            double dial = entries.number("dial", "Read the dial off the machine.");
            entries.done(() -> dial);
            cures.dialSet(action, machineId, dial);
        }
    }

    /** Returns the case without its last answer, and takes back what was recorded with it. */
    @Transactional(propagation = Propagation.MANDATORY)
    MendCase takenBack(MendCase it) {
        it.last().ifPresent(step -> {
            if (step.action() != null) {
                undo.undo(step.action());
            }
            if (step.drawerChange() != null) {
                drawer.undo(step.drawerChange());
            }
        });
        return it.beforeTheLast();
    }

    private boolean needleChanged(UUID action, MendCase it, Check check, boolean found, Entries entries) {
        MachineNow now = room.find(it.machineId()).orElseThrow();
        Place place = MendNeedles.place(now);
        String in = entries.text("in");
        if (in.isEmpty() || in.equals(MendNeedles.OLD)) {
            return false;
        }
        Optional<UUID> old = place.fitted().map(MachineNow.Fitted::needleId);
        if (!old.map(UUID::toString).orElse("").equals(entries.text("needle"))) {
            throw new ChangedMeanwhile("The needle was changed in another window.");
        }
        boolean failed = found && Records.failsTheNeedle(check.id());
        Optional<UUID> owned = DrawerStore.uuid(in.replaceFirst("^(packet|parked):", ""));
        Optional<Needle> other = owned.isPresent() ? Optional.empty() : needles.named(in, it, now);
        supply.change(
                action,
                new Change(
                        it.machineId(),
                        place.number(),
                        old,
                        in.startsWith("parked:") ? owned : Optional.empty(),
                        in.startsWith("packet:") ? owned : Optional.empty(),
                        other,
                        false,
                        failed ? Goes.JAR : Goes.PARK,
                        "beside " + it.machineName(),
                        failed));
        return true;
    }

    private @Nullable UUID spoolMarked(Entries entries) {
        Optional<Kept<Spool>> spool = drawer.find(Spool.class, entries.text("spool"));
        return spool.map(it -> drawer.change(
                                it.id(), it.revision(), it.card().snapped(SnapTest.PARTS_AT_ONCE, LocalDate.now(clock)))
                        .change())
                .orElse(null);
    }
}
