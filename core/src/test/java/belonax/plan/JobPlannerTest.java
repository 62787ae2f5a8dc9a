package belonax.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.match.Recommendation;
import belonax.match.StitchAdvice;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.plan.JobPlan.From;
import belonax.plan.Station.AtHand;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

@DisplayName("Planning a job")
class JobPlannerTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final BobbinRoom BOBBIN = new BobbinRoom(20.5, 7, 9);
    private static final Station HERON = Station.unknown("heron", 500, BOBBIN);
    private static final StepStitch STRAIGHT = new StepStitch(StitchAdvice.Kind.STRAIGHT, 2.5, 0);
    private static final StepStitch OVERLOCK = new StepStitch(StitchAdvice.Kind.OVERLOCK, 2.5, 5);

    private final NeedleMatcher matcher = NeedleMatcher.standard();
    private final JobPlanner planner = new JobPlanner(matcher);

    @Test
    @DisplayName("Stitches, minutes, thread and wear of a step follow from its seam")
    void what_a_step_takes() {
        StepUse use =
                planned(step("seam", "poplin", 2, "white", 4.2)).steps().get(0).use();

        double stack = CLOTHS.get("poplin").pressedMm(false) * 2;
        assertThat(use.stitches()).isCloseTo(1680, within(1e-6));
        assertThat(use.minutes()).isCloseTo(3.36, within(1e-9));
        assertThat(use.topMetres()).isCloseTo(1680 * (2.5 + stack) * 1.1 / 1000 + 0.3, within(0.02));
        assertThat(use.bobbinMetres()).isEqualTo(use.topMetres());
        assertThat(use.effectiveHours()).isCloseTo(0.056, within(1e-9));

        StepUse zigzag = planned(
                        sewn("a", "denim-mid", Purpose.SEAM, new StepStitch(StitchAdvice.Kind.ZIGZAG, 2, 3), 1, 2))
                .steps()
                .get(0)
                .use();
        double run = Math.hypot(2, 3) + CLOTHS.get("denim-mid").pressedMm(false) * 2;
        assertThat(zigzag.stitches()).isEqualTo(1000);
        assertThat(zigzag.topMetres()).isCloseTo(1000 * run * 1.1 / 1000 + 0.6, within(0.02));
        assertThat(zigzag.effectiveHours()).isCloseTo(1000.0 / 500 / 60 * 1.5, within(1e-9));
    }

    @Test
    @DisplayName("An overlock seam takes three times its length in each needle and eight times in each looper")
    void an_overlock_seam() {
        StepUse use = planned(sewn("a", "swim-knit", Purpose.OVERLOCK, OVERLOCK, 10, 1))
                .steps()
                .get(0)
                .use();

        assertThat(use.topMetres()).isCloseTo(10 * 3 * 1.1 + 0.3, within(1e-6));
        assertThat(use.looperMetres()).isCloseTo(2 * (10 * 8 * 1.1 + 0.3), within(1e-6));
        assertThat(use.bobbinMetres()).isZero();
    }

    @Test
    @DisplayName("Steps of one needle come together, in them those of one thread, whatever order they were entered in")
    void the_fewest_changes() {
        JobPlan plan = planned(
                step("a", "poplin", 2, "white", 1),
                step("b", "swim-knit", 2, "red", 1),
                step("c", "poplin", 2, "blue", 1),
                step("d", "swim-knit", 2, "white", 1),
                step("e", "poplin", 2, "white", 1));

        assertThat(plan.proven()).isTrue();
        assertThat(plan.changes().needle()).isEqualTo(1);
        assertThat(plan.changes().thread()).isEqualTo(2);
        assertThat(plan.asEntered().needle()).isEqualTo(4);
        assertThat(plan.groups()).hasSize(2);
        assertThat(plan.changeoverMinutes())
                .isEqualTo(4 + 2 * 1.5 + 5 * plan.changes().balance());
    }

    @Test
    @DisplayName("What comes before stays before, also where that costs a change")
    void before_is_kept() {
        JobPlan plan = planned(
                step("a", "poplin", 2, "white", 1),
                step("b", "swim-knit", 2, "white", 1, "a"),
                step("c", "poplin", 2, "white", 1, "b"));

        assertThat(ids(plan)).containsExactly("a", "b", "c");
        assertThat(plan.changes().needle()).isEqualTo(2);
        assertThat(plan.groups().get(2).from()).isEqualTo(From.AN_EARLIER_STEP);
        assertThat(plan.needles()).isEqualTo(2);
    }

    @Test
    @DisplayName("One needle serves several steps only where none is rated worse and its harm stays within 0.05")
    void sharing_a_needle() {
        JobPlan plan = planned(
                step("a", "poplin", 2, "w", 1), step("b", "denim-mid", 4, "w", 1), step("c", "voile", 2, "w", 1));

        for (JobPlan.Planned otherPlanned : plan.steps()) {
            Recommendation best = matcher.match(otherPlanned.step().asked()).best();
            assertThat(otherPlanned.needle().verdict()).isEqualTo(best.verdict());
            assertThat(otherPlanned.needle().expectedHarm()).isLessThanOrEqualTo(best.expectedHarm() + 0.05 + 1e-9);
        }
    }

    @Test
    @DisplayName("A needle is changed between steps before its hours run out, never in one")
    void hours_run_out() {
        // 2.5 hours each, 8 to a needle.
        JobPlan plan = planned(IntStream.range(0, 5)
                .mapToObj(number -> step("s" + number, "poplin", 2, "white", 187.5))
                .toArray(Step[]::new));

        assertThat(plan.changes().needle()).isEqualTo(1);
        assertThat(plan.needles()).isEqualTo(2);
        assertThat(plan.groups()).allSatisfy(group -> assertThat(group.hours()).isLessThanOrEqualTo(8));
        JobPlan longOne = planned(step("long", "poplin", 2, "white", 700));
        assertThat(longOne.groups().get(0).outlasted()).isTrue();
        assertThat(longOne.needles()).isEqualTo(2);
    }

    @Test
    @DisplayName("The needle that is in is used first, then parked ones with hours left; replacing the one in counts")
    void what_is_at_hand_comes_first() {
        Needle fitting = matcher.match(asked("poplin", 2, Purpose.SEAM)).best().needle();
        Needle jersey =
                matcher.match(asked("swim-knit", 2, Purpose.SEAM)).best().needle();
        Supplies parked = new Supplies(
                List.of(new AtHand(new NeedleInUse(jersey, 1, false), 7)), Set.of(), 8, Map.of(), List.of());
        List<Step> steps = List.of(step("b", "swim-knit", 2, "red", 1), step("a", "poplin", 2, "white", 1));

        JobPlan plan = planner.plan(steps, List.of(holding(new NeedleInUse(fitting, 2, false))), parked);

        assertThat(ids(plan)).containsExactly("a", "b");
        assertThat(plan.groups()).extracting(JobPlan.Group::from).containsExactly(From.IN_THE_MACHINE, From.PARKED);
        assertThat(plan.changes().needle()).isEqualTo(1);
        assertThat(plan.changes().thread()).isEqualTo(1);
        assertThat(plan.newNeedles()).isEmpty();

        Needle leather = Needle.of(NeedleSystem.H_130_705, NeedleType.LEATHER, NeedleSize.ofNm(110));
        JobPlan replaced = planner.plan(steps, List.of(holding(new NeedleInUse(leather, 0, false))), Supplies.none());
        assertThat(replaced.changes().needle()).isEqualTo(2);
    }

    @Test
    @DisplayName("Each machine keeps its own needle and thread; only what comes before couples them")
    void several_machines() {
        Step overlocked = new Step(
                "b",
                "b",
                asked("poplin", 2, Purpose.OVERLOCK),
                OVERLOCK,
                "grey",
                2,
                1,
                Set.of("a"),
                "sparrow",
                OptionalDouble.empty());
        List<Step> steps =
                List.of(step("a", "poplin", 2, "white", 1), overlocked, step("c", "poplin", 2, "white", 1, "b"));

        JobPlan plan = planner.plan(steps, List.of(HERON, Station.unknown("sparrow", 900, BOBBIN)), Supplies.none());

        assertThat(plan.changes()).isEqualTo(new Changes(0, 0, 0, 2));
        assertThat(ids(plan)).containsExactly("a", "b", "c");
    }

    @Test
    @DisplayName("Bobbins are counted for each thread by what a full one holds")
    void bobbins() {
        JobPlan plan = planned(step("a", "poplin", 2, "white", 30), step("b", "poplin", 2, "blue", 1));

        double full = BOBBIN.metres(SewingThread.spunPolyester(25));
        double white = plan.find("a").orElseThrow().use().bobbinMetres();
        assertThat(plan.bobbins()).isEqualTo((int) Math.ceil(white / full) + 1);
    }

    @Test
    @DisplayName("What is wound already is not wound again; a bobbin of another machine or thread changes nothing")
    void wound_bobbins() {
        Step white = step("a", "poplin", 2, "white", 20);
        int fresh = planned(white).bobbins();

        assertThat(bobbinsWith(white, new Supplies.Wound("heron", "white", 1000)))
                .isZero();
        assertThat(bobbinsWith(white, new Supplies.Wound("heron", "white", 1))).isEqualTo(fresh);
        assertThat(bobbinsWith(white, new Supplies.Wound("heron", "red", 1000))).isEqualTo(fresh);
        assertThat(bobbinsWith(white, new Supplies.Wound("another", "white", 1000)))
                .isEqualTo(fresh);
    }

    private int bobbinsWith(Step step, Supplies.Wound wound) {
        return planner.plan(
                        List.of(step), List.of(HERON), new Supplies(List.of(), Set.of(), 8, Map.of(), List.of(wound)))
                .bobbins();
    }

    @Test
    @DisplayName("Circles, unknown steps and doubled ids are named")
    void what_cannot_be_planned() {
        refused(
                "“a”, then “b”, then “c”, then “a”",
                step("a", "poplin", 2, "w", 1, "c"),
                step("b", "poplin", 2, "w", 1, "a"),
                step("c", "poplin", 2, "w", 1, "b"));
        refused("No step is called “x”", step("a", "poplin", 2, "w", 1, "x"));
        refused("cannot come after itself", step("a", "poplin", 2, "w", 1, "a"));
        refused("Two steps are called “a”", step("a", "poplin", 2, "w", 1), step("a", "poplin", 2, "w", 1));
        refused("at least one step");
        refused(
                "at most 60 steps",
                IntStream.range(0, 61)
                        .mapToObj(number -> step("s" + number, "poplin", 2, "w", 1))
                        .toArray(Step[]::new));
        assertThatThrownBy(() -> step("a", "poplin", 2, "w", 0)).hasMessageContaining("above 0");
    }

    private void refused(String why, Step... steps) {
        assertThatThrownBy(() -> planned(steps)).isInstanceOf(BadInput.class).hasMessageContaining(why);
    }

    private JobPlan planned(Step... steps) {
        return planner.plan(List.of(steps), List.of(HERON), Supplies.none());
    }

    private static List<String> ids(JobPlan plan) {
        return plan.steps().stream().map(planned -> planned.step().id()).toList();
    }

    private static Station holding(NeedleInUse needle) {
        return new Station(
                "heron",
                500,
                BOBBIN,
                HERON.dial(),
                Optional.of(new AtHand(needle, 8 - needle.effectiveHours())),
                Optional.of("white"),
                OptionalDouble.empty());
    }

    private static MatchRequest asked(String cloth, int layers, Purpose purpose) {
        return MatchRequest.of(Job.sewing(Stack.of(CLOTHS.get(cloth), layers), SewingThread.spunPolyester(25))
                .purpose(purpose)
                .build());
    }

    private static Step sewn(String id, String cloth, Purpose purpose, StepStitch stitch, double metres, int passes) {
        MatchRequest asked = asked(cloth, 2, purpose);
        return new Step(id, id, asked, stitch, "white", metres, passes, Set.of(), "heron", OptionalDouble.empty());
    }

    private static Step step(String id, String cloth, int layers, String thread, double metres, String... after) {
        MatchRequest asked = asked(cloth, layers, Purpose.SEAM);
        return new Step(id, id, asked, STRAIGHT, thread, metres, 1, Set.of(after), "heron", OptionalDouble.empty());
    }
}
