package belonax.plan;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.plan.OrderProblem.Start;
import belonax.plan.OrderProblem.Task;
import belonax.plan.OrderSearch.Found;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The search for the order is held against all orders, and against what a sewist would do without it. */
@Tag("thorough")
@DisplayName("The order with the fewest changes")
class OrderSearchTest {
    static Stream<Long> small() {
        return new SplittableRandom(1501)
                .longs(Integer.getInteger("belonax.seeds", 300))
                .boxed();
    }

    static Stream<Long> large() {
        return new SplittableRandom(1502)
                .longs(Integer.getInteger("belonax.seeds", 300) / 12)
                .boxed();
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("small")
    void up_to_seven_steps_it_is_the_best_of_all_orders(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        OrderProblem problem = madeUp(chance, 1 + chance.nextInt(7));

        Found found = new OrderSearch(problem).best();

        assertThat(found.proven()).isTrue();
        assertThat(found.changes()).isEqualTo(new AllOrders(problem).best());
        assertThat(price(problem, found.order())).isEqualTo(found.changes());
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("large")
    void up_to_sixty_steps_it_is_never_worse_than_as_entered_nor_than_the_nearest_step(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        OrderProblem problem = madeUp(chance, 8 + chance.nextInt(53));

        Found found = new OrderSearch(problem).best();

        assertThat(price(problem, found.order())).isEqualTo(found.changes());
        assertThat(found.changes()).isLessThanOrEqualTo(Changes.unpacked(GoodOrders.asEntered(problem).cost));
        assertThat(found.changes()).isLessThanOrEqualTo(Changes.unpacked(GoodOrders.nearest(problem).cost));
        assertThat(found.changes())
                .isLessThanOrEqualTo(Changes.unpacked(new GoodOrders(problem, new LeastChanges(problem)).best().cost));
    }

    /** The price of an order, counted again with each needle of each run named. */
    private static Changes price(OrderProblem problem, List<Integer> order) {
        assertThat(order).doesNotHaveDuplicates().hasSize(problem.size());
        OrderState state = OrderState.start(problem);
        for (int number : order) {
            assertThat(state.allows(problem, number)).isTrue();
            state = state.then(problem, number);
        }
        return Changes.unpacked(state.cost);
    }

    /** All orders, and in each every needle that could be in at every step, named and worn one by one. */
    private static final class AllOrders {
        private final OrderProblem problem;
        private final int[] needle;
        private final double[] hours;
        private final int[] thread;
        private final int[] dial;
        private Changes best = new Changes(99, 99, 99, 99);

        AllOrders(OrderProblem problem) {
            this.problem = problem;
            int machines = problem.starts().size();
            needle = new int[machines];
            hours = new double[machines];
            thread = new int[machines];
            dial = new int[machines];
            for (int i = 0; i < machines; i++) {
                Start start = problem.starts().get(i);
                needle[i] = start.hasNeedle() ? NOW : OrderProblem.NOTHING;
                thread[i] = start.thread();
                dial[i] = start.dial();
            }
        }

        private static final int NOW = 50;

        Changes best() {
            sew(0, new Changes(0, 0, 0, 0), OrderProblem.NOTHING);
            return best;
        }

        private void sew(long done, Changes soFar, int machine) {
            if (soFar.compareTo(best) >= 0) {
                return;
            }
            if (Long.bitCount(done) == problem.size()) {
                best = soFar;
                return;
            }
            for (int i = 0; i < problem.size(); i++) {
                Task task = problem.tasks().get(i);
                if ((done >> i & 1) != 0 || (task.before() & ~done) != 0) {
                    continue;
                }
                int at = task.machine();
                int before = needle[at];
                double worn = hours[at];
                int threadBefore = thread[at];
                int dialBefore = dial[at];
                Changes now = new Changes(
                        soFar.needle(),
                        soFar.thread() + changed(threadBefore, task.thread()),
                        soFar.balance() + changed(dialBefore, task.dial()),
                        soFar.moves() + changed(machine, at));
                thread[at] = task.thread();
                dial[at] = task.dial();
                if (before != OrderProblem.NOTHING && servesOn(task, at)) {
                    hours[at] = worn + task.hours();
                    sew(done | 1L << i, now, at);
                }
                for (int kind = 0; kind < problem.kinds(); kind++) {
                    if ((task.needles() >> kind & 1) != 0) {
                        needle[at] = kind;
                        hours[at] = task.hours();
                        int needles = now.needle() + (before == OrderProblem.NOTHING ? 0 : 1);
                        sew(done | 1L << i, new Changes(needles, now.thread(), now.balance(), now.moves()), at);
                    }
                }
                needle[at] = before;
                hours[at] = worn;
                thread[at] = threadBefore;
                dial[at] = dialBefore;
            }
        }

        private boolean servesOn(Task task, int at) {
            double after = hours[at] + task.hours();
            return needle[at] == NOW
                    ? task.now() && after <= problem.starts().get(at).hoursLeft()
                    : (task.needles() >> needle[at] & 1) != 0 && after <= problem.life(needle[at]);
        }

        private static int changed(int from, int to) {
            return from == OrderProblem.NOTHING || from == to ? 0 : 1;
        }
    }

    static OrderProblem madeUp(SplittableRandom chance, int size) {
        int machines = 1 + chance.nextInt(2);
        int kinds = 1 + chance.nextInt(5);
        int threads = 1 + chance.nextInt(4);
        double before = chance.nextDouble(0.5);
        boolean wears = chance.nextBoolean();
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            long earlier = 0;
            for (int j = 0; j < i; j++) {
                earlier |= chance.nextDouble() < before / (1 + i) ? 1L << j : 0;
            }
            long some = chance.nextInt(1 << kinds);
            long needles = 1L << chance.nextInt(kinds) | some & chance.nextInt(1 << kinds);
            tasks.add(new Task(
                    earlier,
                    chance.nextInt(machines),
                    needles,
                    chance.nextInt(4) == 0,
                    wears ? chance.nextDouble(0.1, 4) : 0.01,
                    chance.nextInt(threads),
                    chance.nextInt(3)));
        }
        List<Start> starts = IntStream.range(0, machines)
                .mapToObj(any -> chance.nextBoolean()
                        ? new Start(false, 0, OrderProblem.NOTHING, OrderProblem.NOTHING)
                        : new Start(true, chance.nextDouble(4), chance.nextInt(threads), chance.nextInt(3)))
                .toList();
        double[] lives = IntStream.range(0, kinds).mapToDouble(any -> 8).toArray();
        return new OrderProblem(tasks, lives, starts);
    }
}
