package belonax.web.plan;

import belonax.machine.BobbinClass;
import belonax.plan.BobbinRoom;
import belonax.plan.Pace;
import belonax.room.drawer.WoundBobbin;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.plan.ProjectStep;
import java.util.Optional;

/** What the room's steps are to the core. */
final class PlanSteps {
    private PlanSteps() {}

    /** Returns what tells a thread from others: its spool, or what it is where it is of none. */
    static String thread(TableWork.Top top) {
        return top.spool() == null ? top.words() : top.spool().toString();
    }

    /** Returns the room on the bobbins that a machine's manual names; of a slim one where that is not known. */
    static BobbinRoom bobbin(MachineNow machine) {
        return BobbinRoom.of(BobbinClass.in(machine.card().bobbinClass()).orElse(BobbinClass.SLIM));
    }

    /** Tells whether a wound bobbin is of the class that a machine names; one whose class nobody told may be. */
    static boolean fits(WoundBobbin bobbin, MachineNow machine) {
        Optional<BobbinClass> named = BobbinClass.in(machine.card().bobbinClass());
        Optional<BobbinClass> its = BobbinClass.in(bobbin.bobbinClass());
        return named.isEmpty() || its.isEmpty() || named.equals(its);
    }

    /** Returns what a step teaches that is done; nothing where it took no minutes. */
    static Optional<Pace.Sewn> sewn(ProjectStep step) {
        Double took = step.tookMinutes();
        return took == null || took <= 0
                ? Optional.empty()
                : Optional.of(new Pace.Sewn(step.work().purpose(), step.seamMetres() * step.passes(), took));
    }
}
