package belonax.web.plan;

import belonax.BadInput;
import belonax.match.MatchRequest;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.plan.Changes;
import belonax.plan.JobPlan;
import belonax.plan.JobPlanner;
import belonax.plan.Pace;
import belonax.plan.Station;
import belonax.plan.Station.AtHand;
import belonax.plan.Step;
import belonax.plan.StepStitch;
import belonax.plan.Supplies;
import belonax.plan.Supplies.Wound;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.event.SetupKept;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectBook;
import belonax.room.plan.ProjectStep;
import belonax.room.sound.SoundLog;
import belonax.room.supply.NeedleSupply;
import belonax.web.shared.sentence.Sentences;
import belonax.web.shared.sentence.Stock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Puts a project to the core, with all that the room knows: needles, wound bobbins, spools, and how fast this sewist sews. */
@Component
class PlanDesk {

    private final JobPlanner planner;
    private final ProjectBook projects;
    private final SewingRoom room;
    private final NeedleSupply needles;
    private final Sampler sampler;
    private final DrawerStore drawer;
    private final Sentences sentences;
    private final SoundLog sounds;

    PlanDesk(
            JobPlanner planner,
            ProjectBook projects,
            SewingRoom room,
            NeedleSupply needles,
            Sampler sampler,
            DrawerStore drawer,
            Sentences sentences,
            SoundLog sounds) {
        this.planner = planner;
        this.projects = projects;
        this.room = room;
        this.needles = needles;
        this.sampler = sampler;
        this.drawer = drawer;
        this.sentences = sentences;
        this.sounds = sounds;
    }

    /**
     * A project as it is worked out.
     *
     * @param plan the order of what is left; nothing where there is nothing left
     * @param cannot why a step cannot be worked out, by its id
     * @param supplies what is at hand beside the machines
     * @param packets how many needles of a kind and size lie in the drawer
     * @param unpinned what the order would cost without the sewist's own wishes; nothing where there are none
     */
    record Worked(
            Kept<Project> project,
            Optional<JobPlan> plan,
            Map<String, String> cannot,
            Optional<Changes> unpinned,
            Map<String, MachineNow> machines,
            Stock stock,
            List<Kept<WoundBobbin>> bobbins,
            Supplies supplies,
            List<Kept<Spool>> spools,
            Map<Needle, Integer> packets,
            Pace pace,
            List<Kept<Project>> projects) {}

    /** Returns a project as it is worked out; nothing where there is none. */
    Optional<Worked> work(UUID id) {
        List<Kept<Project>> all = projects.all();
        return all.stream().filter(kept -> kept.id().equals(id)).findFirst().map(kept -> work(kept, all));
    }

    private Worked work(Kept<Project> kept, List<Kept<Project>> all) {
        Map<String, MachineNow> machines = room.machines().stream()
                .collect(Collectors.toMap(
                        MachineNow::id, machineNow -> machineNow, (one, other) -> one, LinkedHashMap::new));
        Stock stock = sentences.stock();
        Map<String, String> cannot = new LinkedHashMap<>();
        Pace pace = pace(all).hearing(heard(machines));
        List<Step> steps = steps(kept.card(), machines, stock, pace, cannot);
        List<Station> stations = machines.values().stream()
                .map(machineNow -> station(machineNow, pace))
                .toList();
        List<NeedleSupply.AtHand> atHand = needles.atHand();
        List<Kept<WoundBobbin>> bobbins = drawer.all(WoundBobbin.class);
        Supplies supplies = supplies(atHand, wound(steps, machines, bobbins));
        Optional<JobPlan> plan = planned(steps, stations, supplies, cannot);
        boolean hasWishes = kept.card().steps().stream()
                .anyMatch(projectStep -> !projectStep.pinned().isEmpty() && !projectStep.isDone());
        Optional<Changes> unpinned = hasWishes
                ? planned(withoutWishes(steps, kept.card()), stations, supplies, new LinkedHashMap<>())
                        .map(JobPlan::changes)
                : Optional.empty();
        Map<Needle, Integer> packets = atHand.stream()
                .collect(Collectors.toMap(
                        NeedleSupply.AtHand::needle, NeedleSupply.AtHand::inPackets, Integer::sum, LinkedHashMap::new));
        return new Worked(
                kept,
                plan,
                cannot,
                unpinned,
                machines,
                stock,
                bobbins,
                supplies,
                drawer.all(Spool.class),
                packets,
                pace,
                all);
    }

    /** A step that waits in a circle is told and left out, so that the others can be planned. */
    private Optional<JobPlan> planned(
            List<Step> asked, List<Station> stations, Supplies supplies, Map<String, String> cannot) {
        List<Step> steps = new ArrayList<>(asked);
        while (!steps.isEmpty()) {
            try {
                return Optional.of(planner.plan(steps, stations, supplies));
            } catch (BadInput bad) {
                Step out = steps.remove(bad.entry().orElseThrow(() -> bad));
                cannot.put(out.id(), byName(String.valueOf(bad.getMessage()), asked));
                Set<String> left = steps.stream().map(Step::id).collect(Collectors.toSet());
                steps.replaceAll(step -> step.waitingFor(left));
            }
        }
        return Optional.empty();
    }

    /** The core names steps by their ids, a sewist by what they are. */
    private static String byName(String why, List<Step> steps) {
        String told = why;
        for (Step step : steps) {
            told = told.replace("“" + step.id() + "”", "“" + step.name() + "”");
        }
        return told;
    }

    /** What is done, on any project, tells how fast this sewist sews. */
    private static Pace pace(List<Kept<Project>> projects) {
        return Pace.of(projects.stream()
                .flatMap(kept -> kept.card().steps().stream())
                .flatMap(projectStep -> PlanSteps.sewn(projectStep).stream())
                .toList());
    }

    private Map<String, Pace.Heard> heard(Map<String, MachineNow> machines) {
        Map<String, Pace.Heard> heard = new LinkedHashMap<>();
        sounds.stitchesPerMinute().forEach((id, perMinute) -> {
            MachineNow machine = machines.get(id);
            if (machine != null) {
                heard.put(id, new Pace.Heard(machine.machine().name(), perMinute));
            }
        });
        return heard;
    }

    private List<Step> steps(
            Project project, Map<String, MachineNow> machines, Stock stock, Pace pace, Map<String, String> cannot) {
        List<ProjectStep> open = project.steps().stream()
                .filter(projectStep -> !projectStep.isDone())
                .toList();
        List<Step> steps = new ArrayList<>();
        Map<String, Function<SetupKept, Optional<Double>>> dials = new LinkedHashMap<>();
        for (ProjectStep projectStep : open) {
            MachineNow machine = machines.get(projectStep.machineId());
            try {
                BadInput.unless(
                        machine != null, "machine", () -> "Its machine is no longer on the shelf. Choose another one.");
                MachineNow on = Objects.requireNonNull(machine);
                Optional<Double> dial = dials.computeIfAbsent(on.id(), any -> sampler.provenDials(on))
                        .apply(projectStep.work().setup());
                steps.add(step(projectStep, on, stock, pace, dial));
            } catch (BadInput bad) {
                cannot.put(projectStep.id(), String.valueOf(bad.getMessage()));
            }
        }
        Set<String> planned = steps.stream().map(Step::id).collect(Collectors.toSet());
        return steps.stream().map(otherStep -> otherStep.waitingFor(planned)).toList();
    }

    private Step step(ProjectStep projectStep, MachineNow machine, Stock stock, Pace pace, Optional<Double> proven) {
        TableWork work = projectStep.work();
        MatchRequest asked = sentences
                .again(work, Optional.of(machine), stock)
                .request(Optional.of(machine), List.of(), List.of(), List.of());
        return new Step(
                projectStep.id(),
                projectStep.name(),
                asked,
                StepStitch.advised(asked.job()),
                PlanSteps.thread(work.top()),
                projectStep.seamMetres(),
                projectStep.passes(),
                projectStep.waitsFor(),
                machine.id(),
                proven.map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                pace.metresAnHour(work.purpose()));
    }

    private static List<Step> withoutWishes(List<Step> steps, Project project) {
        return steps.stream()
                .map(step -> step.waitingFor(project.get(step.id()).after()))
                .toList();
    }

    private static Station station(MachineNow machineNow, Pace pace) {
        return new Station(
                machineNow.id(),
                pace.stitchesPerMinute(machineNow.id()),
                PlanSteps.bobbin(machineNow),
                machineNow.machine().dial(),
                machineNow
                        .fitted()
                        .map(in -> new AtHand(in.needle(), left(in.needle().effectiveHours()))),
                machineNow.table().map(work -> PlanSteps.thread(work.top())),
                machineNow.dial());
    }

    /** Each wound bobbin counts once: for the first step that sews with its thread on a machine that it fits. */
    private static List<Wound> wound(
            List<Step> steps, Map<String, MachineNow> machines, List<Kept<WoundBobbin>> bobbins) {
        List<Wound> all = new ArrayList<>();
        for (Kept<WoundBobbin> kept : bobbins) {
            UUID spool = kept.card().spool();
            Double metres = kept.card().metresLeft();
            if (spool != null && metres != null && metres > 0) {
                steps.stream()
                        .filter(step -> step.thread().equals(spool.toString()))
                        .filter(step ->
                                PlanSteps.fits(kept.card(), Objects.requireNonNull(machines.get(step.station()))))
                        .findFirst()
                        .ifPresent(step -> all.add(new Wound(step.station(), step.thread(), metres)));
            }
        }
        return all;
    }

    private static Supplies supplies(List<NeedleSupply.AtHand> atHand, List<Wound> wound) {
        List<AtHand> parked = new ArrayList<>();
        Set<Needle> packets = new LinkedHashSet<>();
        for (NeedleSupply.AtHand hand : atHand) {
            hand.parked().ifPresent(at -> parked.add(new AtHand(at.inUse(), left(at.effectiveHours()))));
            if (hand.inPackets() > 0) {
                packets.add(hand.needle());
            }
        }
        return new Supplies(parked, packets, NeedleInUse.WORN_HOURS, Map.of(), wound);
    }

    private static double left(double hours) {
        return Math.max(0, NeedleInUse.WORN_HOURS - hours);
    }
}
