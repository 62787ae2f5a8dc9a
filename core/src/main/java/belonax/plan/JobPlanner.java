package belonax.plan;

import belonax.BadInput;
import belonax.match.NeedleMatcher;
import belonax.plan.JobPlan.Planned;
import belonax.plan.OrderProblem.Start;
import belonax.plan.OrderProblem.Task;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Puts the steps of a job in the order with the fewest needle changes, then thread changes, then re-balancings, and works out
 * what each takes. Source: docs/craft.md, "Planning a job".
 */
public final class JobPlanner {
    public static final int MAX_STEPS = 60;

    private final NeedleMatcher matcher;

    public JobPlanner(NeedleMatcher matcher) {
        this.matcher = matcher;
    }

    /**
     * Plans a job.
     *
     * @param steps 1 to 60, as they were entered
     * @param stations the machines that they name
     * @throws BadInput naming a step: an id that stands twice or is unknown, a circle, a machine that is not there
     */
    public JobPlan plan(List<Step> steps, List<Station> stations, Supplies supplies) {
        BadInput.unless(!steps.isEmpty(), "steps", () -> "A job has at least one step.");
        BadInput.unless(
                steps.size() <= MAX_STEPS,
                "steps",
                () -> "A job has at most " + MAX_STEPS + " steps. Plan it in two parts.");
        long[] before = StepDependencies.of(steps);
        int[] at = stations(steps, stations);
        List<Serving> servings = new ArrayList<>();
        List<StepUse> uses = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            try {
                servings.add(new Serving(matcher, steps.get(i)));
                uses.add(StepUse.of(steps.get(i), stations.get(at[i])));
            } catch (BadInput e) {
                throw e.inEntry("steps", i);
            }
        }
        OrderProblem problem = problem(steps, stations, supplies, before, at, servings, uses);
        OrderSearch.Found found = new OrderSearch(problem).best();
        List<Run> runs = Run.of(problem, found.order());
        Naming naming = new Naming(steps, stations, supplies, servings, uses);
        List<JobPlan.Group> groups = naming.groups(runs);
        List<Planned> inOrder = groups.stream()
                .flatMap(group -> group.steps().stream())
                .sorted(Comparator.comparingInt(planned -> found.order().indexOf(planned.index())))
                .toList();
        return new JobPlan(
                inOrder,
                groups,
                found.changes(),
                Changes.unpacked(GoodOrders.asEntered(problem).cost),
                found.proven(),
                bobbins(steps, stations, supplies, at, uses));
    }

    private static int[] stations(List<Step> steps, List<Station> stations) {
        int[] at = new int[steps.size()];
        for (int i = 0; i < at.length; i++) {
            String named = steps.get(i).station();
            at[i] = IntStream.range(0, stations.size())
                    .filter(number -> stations.get(number).id().equals(named))
                    .findFirst()
                    .orElse(-1);
            Step.unless(
                    at[i] >= 0, i, "machine", () -> "No machine here is called “" + named + "”. Choose one of yours.");
        }
        return at;
    }

    private static OrderProblem problem(
            List<Step> steps,
            List<Station> stations,
            Supplies supplies,
            long[] before,
            int[] at,
            List<Serving> servings,
            List<StepUse> uses) {
        Kinds kinds = new Kinds(servings, supplies);
        Numbers<String> threads = new Numbers<>();
        Numbers<Long> dials = new Numbers<>();
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Serving serving = servings.get(i);
            boolean now = stations.get(at[i])
                    .now()
                    .flatMap(atHand -> serving.worn(atHand.needle()))
                    .isPresent();
            tasks.add(new Task(
                    before[i],
                    at[i],
                    kinds.serving(i),
                    now,
                    uses.get(i).effectiveHours(),
                    threads.of(steps.get(i).thread()),
                    dials.of(mark(stations.get(at[i]), serving.dial()))));
        }
        List<Start> starts = stations.stream()
                .map(station -> new Start(
                        station.now().isPresent(),
                        station.now().map(Station.AtHand::hoursLeft).orElse(0.0),
                        station.thread().map(threads::of).orElse(OrderProblem.NOTHING),
                        station.dialAt().isPresent()
                                ? dials.of(mark(station, station.dialAt().getAsDouble()))
                                : OrderProblem.NOTHING))
                .toList();
        return new OrderProblem(tasks, kinds.lives(), starts);
    }

    /** Two settings of a dial are the same where it cannot be set and found again between them. */
    private static long mark(Station station, double dial) {
        return Math.round(dial / station.dial().step());
    }

    /** A bobbin is wound for each thread of a machine as often as it wants one beyond what is wound already. */
    private static int bobbins(
            List<Step> steps, List<Station> stations, Supplies supplies, int[] at, List<StepUse> uses) {
        Map<String, Double> full = new HashMap<>();
        for (int i = 0; i < at.length; i++) {
            Station station = stations.get(at[i]);
            String thread = steps.get(i).thread();
            double holds = station.bobbin().metres(steps.get(i).asked().job().thread());
            String wanted = station.id() + " " + thread;
            full.putIfAbsent(wanted, -supplies.woundMetres(station.id(), thread) / holds);
            full.merge(wanted, uses.get(i).bobbinMetres() / holds, Double::sum);
        }
        return (int) full.values().stream()
                .mapToDouble(value -> Math.max(0, Math.ceil(value)))
                .sum();
    }

    /** Numbers things in the order in which they come. */
    private static final class Numbers<T> {
        private final Map<T, Integer> numbers = new HashMap<>();

        int of(T item) {
            return numbers.computeIfAbsent(item, any -> numbers.size());
        }
    }
}
