package belonax.web.mend;

import belonax.BadInput;
import belonax.cloth.Stack;
import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.fault.FaultFinder.Ranking;
import belonax.fault.SetUp;
import belonax.fault.Trouble;
import belonax.fault.Trouble.BrokenHere;
import belonax.fault.Trouble.MachineState;
import belonax.hazard.HazardModel;
import belonax.hazard.Job;
import belonax.hazard.Reason;
import belonax.life.CarePlan;
import belonax.machine.Machine;
import belonax.needle.NeedleInUse;
import belonax.room.balance.PullLog;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.care.CareLog;
import belonax.room.drawer.ClothShelf;
import belonax.room.drawer.Spool;
import belonax.room.drawer.ThreadDelivery;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleRecord;
import belonax.room.trouble.CaseBook;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.thread.Delivery;
import belonax.thread.SewingThread;
import belonax.web.shared.sentence.Sentences;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** Puts a case to the core, with all that the room knows of its machine, needle and cloth. */
@Component
class MendQuestion {
    private final FaultFinder finder;
    private final HazardModel hazards;
    private final ClothShelf cloths;
    private final Sentences sentences;
    private final CareLog care;
    private final CaseBook cases;
    private final NeedleBook book;
    private final DrawerStore drawer;
    private final ThreadDelivery spools;
    private final Sampler sampler;
    private final PullLog pulls;
    private final Clock clock;

    MendQuestion(
            FaultFinder finder,
            HazardModel hazards,
            ClothShelf cloths,
            Sentences sentences,
            CareLog care,
            CaseBook cases,
            NeedleBook book,
            DrawerStore drawer,
            ThreadDelivery spools,
            Sampler sampler,
            PullLog pulls,
            Clock clock) {
        this.finder = finder;
        this.hazards = hazards;
        this.cloths = cloths;
        this.sentences = sentences;
        this.care = care;
        this.cases = cases;
        this.book = book;
        this.drawer = drawer;
        this.spools = spools;
        this.sampler = sampler;
        this.pulls = pulls;
        this.clock = clock;
    }

    Ranking rank(MendCase mendCase, MachineNow now) {
        return finder.rank(trouble(mendCase, now), mendCase.school());
    }

    /** Returns what is sewn, as Match would be asked; empty when its cloth is gone. */
    Optional<Job> job(MendCase mendCase, MachineNow now) {
        TableWork work = mendCase.work();
        if (work != null) {
            try {
                return Optional.of(sentences
                        .again(work, Optional.of(now))
                        .judging(now, List.of())
                        .job());
            } catch (BadInput gone) {
                return Optional.empty();
            }
        }
        return cloths.find(mendCase.cloth())
                .map(cloth -> Job.sewing(Stack.of(cloth, mendCase.layers()), thread(mendCase, now))
                        .on(now.machine())
                        .build());
    }

    private Trouble trouble(MendCase mendCase, MachineNow now) {
        Optional<NeedleInUse> needle = now.fitted().map(MachineNow.Fitted::needle);
        return Trouble.told(new HashSet<>(mendCase.symptoms()))
                .when(new HashSet<>(mendCase.when()))
                .glance(Objects.requireNonNullElse(mendCase.glance(), Map.of()))
                .reasons(reasons(mendCase, now, needle))
                .needle(
                        needle.map(in -> OptionalDouble.of(in.effectiveHours())).orElse(OptionalDouble.empty()),
                        needle.map(NeedleInUse::struck).orElse(false))
                .threadAgeYears(thread(mendCase, now).ageYears())
                .delicateDelivery(Delivery.isDelicate(thread(mendCase, now)))
                .broken(broken(now))
                .setUp(setUp(mendCase, now, needle))
                .machine(state(mendCase, now))
                .cures(cases.cures(now.id()))
                .checked(mendCase.checks(Result.NOT_IT), mendCase.checks(Result.STILL))
                .build();
    }

    /** Returns how the spool of a trouble wants to come off; nothing where none is known. */
    List<String> delivery(MendCase mendCase) {
        return spools.advice(Optional.ofNullable(mendCase.spool())
                .flatMap(DrawerStore::uuid)
                .or(() -> Optional.ofNullable(mendCase.work())
                        .map(work -> work.top().spool())));
    }

    /** The spool that was named knows how old it is; else it is the thread of the strip. */
    private SewingThread thread(MendCase mendCase, MachineNow now) {
        return Optional.ofNullable(mendCase.spool())
                .flatMap(id -> drawer.find(Spool.class, id))
                .map(spool -> spool.card().thread(LocalDate.now(clock).getYear()))
                .or(now::thread)
                .orElse(SewingThread.spunPolyester(25));
    }

    private List<Reason> reasons(MendCase mendCase, MachineNow now, Optional<NeedleInUse> needle) {
        return needle.flatMap(in ->
                        job(mendCase, now).map(job -> hazards.predict(job, in).reasons()))
                .orElse(List.of());
    }

    /** What lies on the table is known; a dial that is proven for it was fiddled with by nobody. */
    private SetUp setUp(MendCase mendCase, MachineNow now, Optional<NeedleInUse> needle) {
        boolean clothKnown =
                mendCase.work() != null || cloths.find(mendCase.cloth()).isPresent();
        SetUp its = job(mendCase, now)
                .map(job -> SetUp.of(
                        job,
                        needle.map(NeedleInUse::needle),
                        new SetUp.Known(clothKnown, mendCase.work() != null, true)))
                .orElse(SetUp.UNKNOWN);
        TableWork work = mendCase.work();
        OptionalDouble dial = dial(mendCase, now);
        return work == null || dial.isEmpty()
                ? its
                : sampler.provenDial(now, work.setup())
                        .map(proven -> its.withDial(dial.getAsDouble(), proven))
                        .orElse(its);
    }

    private BrokenHere broken(MachineNow now) {
        List<NeedleRecord> broken = book.brokenOn(now.id());
        return new BrokenHere(
                broken.size(),
                broken.stream().anyMatch(needleRecord -> !needleRecord.missing().isEmpty()));
    }

    private MachineState state(MendCase mendCase, MachineNow now) {
        Machine machine = now.machine();
        CarePlan plan = care.plan(now);
        return new MachineState(
                Optional.of(machine.kind()),
                Optional.of(machine.bobbin()),
                plan.monthsSinceService(),
                plan.monthsSinceService().isEmpty(),
                OptionalDouble.of(plan.hoursSinceCleaning() + plan.lintyHours()),
                offBand(machine, dial(mendCase, now)),
                pulls.found(now.id()),
                Optional.of(machine.power()));
    }

    /** Where the dial was found counts more than where it was balanced last; once it is set back, that is past. */
    private static OptionalDouble dial(MendCase mendCase, MachineNow now) {
        return mendCase.foundDial() == null || mendCase.checks(Result.STILL).contains(CheckId.TOP_DIAL)
                ? now.dial()
                : OptionalDouble.of(mendCase.foundDial());
    }

    private static OptionalDouble offBand(Machine machine, OptionalDouble at) {
        return at.isPresent() ? OptionalDouble.of(Trouble.offBand(machine.dial(), at.getAsDouble())) : at;
    }
}
