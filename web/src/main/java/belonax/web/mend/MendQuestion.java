package belonax.web.mend;

import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.fault.FaultFinder;
import belonax.fault.FaultFinder.Ranking;
import belonax.fault.Trouble;
import belonax.fault.Trouble.MachineState;
import belonax.hazard.HazardModel;
import belonax.hazard.Job;
import belonax.hazard.Reason;
import belonax.life.CarePlan;
import belonax.machine.Machine;
import belonax.needle.NeedleInUse;
import belonax.thread.SewingThread;
import belonax.web.shared.drawer.CaseBook;
import belonax.web.shared.drawer.ClothShelf;
import belonax.web.shared.drawer.MendCase;
import belonax.web.shared.drawer.MendCase.Result;
import belonax.web.shared.room.CareLog;
import belonax.web.shared.room.MachineNow;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** Puts a case to the core, with all that the room knows of its machine, needle and cloth. */
@Component
class MendQuestion {
    private final FaultFinder finder;
    private final HazardModel hazards;
    private final ClothShelf cloths;
    private final CareLog care;
    private final CaseBook cases;

    MendQuestion(FaultFinder finder, HazardModel hazards, ClothShelf cloths, CareLog care, CaseBook cases) {
        this.finder = finder;
        this.hazards = hazards;
        this.cloths = cloths;
        this.care = care;
        this.cases = cases;
    }

    Ranking rank(MendCase it, MachineNow now) {
        return finder.rank(trouble(it, now), it.school());
    }

    private Trouble trouble(MendCase it, MachineNow now) {
        Optional<NeedleInUse> needle = now.fitted().map(MachineNow.Fitted::needle);
        return Trouble.told(new HashSet<>(it.symptoms()))
                .when(new HashSet<>(it.when()))
                .reasons(reasons(it, now, needle))
                .needle(
                        needle.map(in -> OptionalDouble.of(in.effectiveHours())).orElse(OptionalDouble.empty()),
                        needle.map(NeedleInUse::struck).orElse(false))
                .machine(state(now))
                .cures(cases.cures(now.id()))
                .checked(it.checks(Result.NOT_IT), it.checks(Result.STILL))
                .build();
    }

    private List<Reason> reasons(MendCase it, MachineNow now, Optional<NeedleInUse> needle) {
        Optional<Cloth> cloth = cloths.find(it.cloth());
        if (cloth.isEmpty() || needle.isEmpty()) {
            return List.of();
        }
        SewingThread thread = now.thread().orElse(SewingThread.spunPolyester(25));
        Job job = Job.sewing(Stack.of(cloth.get(), it.layers()), thread)
                .on(now.machine())
                .build();
        return hazards.predict(job, needle.get()).reasons();
    }

    private MachineState state(MachineNow now) {
        Machine machine = now.machine();
        CarePlan plan = care.plan(now.id());
        return new MachineState(
                Optional.of(machine.kind()),
                Optional.of(machine.bobbin()),
                plan.monthsSinceService(),
                plan.monthsSinceService().isEmpty(),
                OptionalDouble.of(plan.hoursSinceCleaning() + plan.lintyHours()),
                now.dial().isPresent()
                        ? OptionalDouble.of(
                                Trouble.offBand(machine.dial(), now.dial().getAsDouble()))
                        : OptionalDouble.empty());
    }
}
