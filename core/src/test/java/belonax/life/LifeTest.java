package belonax.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Purpose;
import belonax.life.Retirement.When;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.Past;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.OptionalDouble;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LifeTest {
    @Test
    void without_data_the_guide_holds_one_in_five_by_eight_hours() {
        LearntLife guide = LearntLife.guide();

        assertThat(guide.hoursOneInFive()).isCloseTo(8, within(0.3));
        assertThat(guide.hasLearnt()).isFalse();
        assertThat(guide.survivalBound(8, 0.1)).isLessThan(guide.survival(8)).isLessThan(guide.survivalBound(8, 0.9));
    }

    @Test
    void many_lives_outweigh_the_guide_and_the_band_narrows() {
        LearntLife guide = LearntLife.guide();
        LearntLife few = guide.with(lives(3, 5), List.of());
        LearntLife many = guide.with(lives(20_000, 5), List.of());

        assertThat(few.hoursOneInFive()).isBetween(many.hoursOneInFive(), guide.hoursOneInFive());
        assertThat(width(many)).isLessThan(width(few)).isLessThan(width(guide));
        assertThat(many.hasLearnt()).isTrue();
        // Weibull with shape 2 and all failures at 5 h: the rate is 1 / 25, and one in five fails by 5 × sqrt(-ln 0.8).
        assertThat(many.hoursOneInFive()).isCloseTo(5 * Math.sqrt(-Math.log(0.8)), within(0.01));
    }

    @Test
    void one_failure_does_not_shout_and_a_needle_retired_sound_only_lengthens_life() {
        LearntLife guide = LearntLife.guide();

        assertThat(guide.with(List.of(new ObservedLife(1, true)), List.of()).hoursOneInFive())
                .isGreaterThan(0.8 * guide.hoursOneInFive());
        assertThat(guide.with(List.of(new ObservedLife(12, false)), List.of()).hoursOneInFive())
                .isGreaterThan(guide.hoursOneInFive());
        assertThat(guide.with(List.of(), lives(40, 3)).hoursOneInFive())
                .isGreaterThan(guide.with(lives(40, 3), List.of()).hoursOneInFive());
    }

    @ParameterizedTest
    @CsvSource({
        "quilting-cotton, ORDINARY",
        "denim-mid, DENIM_CANVAS",
        "canvas, DENIM_CANVAS",
        "ripstop-nylon, DENSE_SYNTHETIC",
        "microfibre, DENSE_SYNTHETIC",
        "leather-garment, HIDE",
        "paper, PAPER",
        "single-jersey, SOFT_KNIT",
        "batting, BATTING",
        "laminated-cotton, GLUE",
        "sequinned-mesh, GLUE",
        "swim-knit, ORDINARY"
    })
    void each_cloth_costs_the_point_its_own(String cloth, Wear wear) {
        Stack stack = Stack.of(ClothCatalogue.standard().get(cloth), 2);

        assertThat(Wear.of(stack, SewingThread.spunPolyester(25), Purpose.SEAM)).isEqualTo(wear);
    }

    @Test
    void the_largest_factor_applies_not_the_product() {
        Stack denim = Stack.of(ClothCatalogue.standard().get("denim-mid"), 2);

        assertThat(Wear.of(denim, SewingThread.spunPolyester(25), Purpose.EMBROIDERY))
                .isEqualTo(Wear.DENIM_CANVAS);
        assertThat(EffectiveHours.of(60, Wear.DENIM_CANVAS, false).value()).isCloseTo(1.5, within(1e-9));
        assertThat(EffectiveHours.of(60, Wear.DENIM_CANVAS, true).value()).isCloseTo(1.0, within(1e-9));
        assertThat(EffectiveHours.minutesOfSeam(10, 2.5, 500)).isCloseTo(8, within(1e-9));
        assertThat(EffectiveHours.of(40, Wear.DENIM_CANVAS, false).words())
                .isEqualTo("40 min × 1.5 (denim and canvas) = 1.00 h");
    }

    @ParameterizedTest
    @EnumSource(RetirementSchool.class)
    void every_school_changes_a_struck_needle_at_once_and_never_lengthens_a_life_by_work(RetirementSchool school) {
        assertThat(school.advise(NeedleLife.fresh().afterStrike()).when()).isEqualTo(When.NOW);
        assertThat(school.advise(NeedleLife.fresh()).when()).isEqualTo(When.LATER);
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(8);
        for (int i = 0; i < 500; i++) {
            double hours = 12 * random.nextDouble();
            double clock = 12 * random.nextDouble();
            NeedleLife life = NeedleLife.fresh().worn(hours, clock).withProjects(random.nextInt(6), random.nextInt(3));
            NeedleLife more = life.worn(hours + random.nextDouble(), clock + random.nextDouble());

            assertThat(school.advise(more).used())
                    .as("round " + i)
                    .isGreaterThanOrEqualTo(school.advise(life).used());
            assertThat(school.advise(more).when())
                    .as("round " + i)
                    .isGreaterThanOrEqualTo(school.advise(life).when());
            assertThat(school.advise(life).reason()).endsWith(".");
        }
    }

    @ParameterizedTest(name = "{0} at {1} h: {2}")
    @CsvSource(delimiter = '|', textBlock = """
            THUMP  | 0.5 | FIND_OUT | Thump on a needle of 0.5 hours is seldom its wear: a seat too low is likelier
            CLICK  | 0   | FIND_OUT | something is struck. Stop, and look at plate, foot and hook.
            FRAYS  | 0.9 | FIND_OUT | an eye too small, the threading or old thread is likelier.
            METAL  | 0.2 | FIND_OUT | something is struck. Stop, power off.
            THUMP  | 1.5 | NOW      | A thump at every stitch is a blunt or hooked point. Change it now.
            SKIP   | 3   | NOW      | Change it now.
            LOUDER | 0.5 | FIND_OUT | lint about the hook or a dry machine is likelier.
            LOUDER | 2   | SOON     | A stitch grown louder is often a point grown dull. Listen again; change it soon.
            LOUDER | 5   | NOW      | A stitch grown louder is often a point grown dull. Change it now.
            LOOPS  | 2   | LATER    | it has 2.0, about 6.0 left.
            LOOPS  | 9   | NOW      | it has 9.0.
            """)
    void a_sign_counts_by_what_the_needle_has_sewn(Sign sign, double hours, When when, String says) {
        NeedleLife life = NeedleLife.fresh().worn(hours, hours).withSigns(List.of(sign));

        Retirement advice = RetirementSchool.WORKED_OUT.advise(life);

        assertThat(advice.when()).isEqualTo(when);
        assertThat(advice.reason()).contains(says).endsWith(".");
    }

    @ParameterizedTest
    @EnumSource(RetirementSchool.class)
    void no_school_sews_on_with_a_needle_that_thumps_or_blames_a_new_one(RetirementSchool school) {
        NeedleLife thumps = NeedleLife.fresh().withSigns(List.of(Sign.THUMP));

        assertThat(school.advise(thumps).when()).isEqualTo(When.FIND_OUT);
        assertThat(school.advise(thumps.worn(2, 2)).when()).isEqualTo(When.NOW);
        assertThat(school.advise(thumps.afterStrike()).when()).isEqualTo(When.NOW);
    }

    @Test
    void the_default_school_counts_worked_out_wear() {
        RetirementSchool school = RetirementSchool.WORKED_OUT;

        assertThat(school.advise(NeedleLife.fresh().worn(8, 5)).when()).isEqualTo(When.NOW);
        assertThat(school.advise(NeedleLife.fresh().worn(7, 5)).when()).isEqualTo(When.SOON);
        assertThat(school.advise(NeedleLife.fresh().worn(4.5, 4)).when()).isEqualTo(When.LATER);
        assertThat(school.advise(NeedleLife.fresh().worn(4.5, 4).beforeABigProject())
                        .when())
                .isEqualTo(When.NOW);
        assertThat(school.advise(NeedleLife.fresh().worn(7, 5).learnt(11)).when())
                .isEqualTo(When.LATER);
        assertThat(school.advise(NeedleLife.fresh().worn(7, 5).learnt(6)).reason())
                .isEqualTo("One in five such needles failed here by 6.0 hours; it has 7.0.");
        assertThat(RetirementSchool.HOURS_8
                        .advise(NeedleLife.fresh().worn(12, 7))
                        .when())
                .isEqualTo(When.SOON);
    }

    @Test
    void care_is_due_by_the_kind_of_machine_and_nobody_is_told_to_oil_what_is_not_theirs() {
        Machine computer = Machine.ordinary("Heron", MachineKind.COMPUTER_CONTROLLED);
        Machine mechanical = Machine.ordinary("Badger", MachineKind.MECHANICAL);
        CarePlan yearOld = new CarePlan(9, 0, 25, OptionalDouble.of(13), 0, Past.IN_USE);

        assertThat(yearOld.of(computer)).extracting(CarePlan.Due::kind).doesNotContain(CareKind.OIL);
        assertThat(yearOld.of(computer)).allMatch(CarePlan.Due::isDue);
        assertThat(yearOld.of(mechanical))
                .filteredOn(CarePlan.Due::isDue)
                .extracting(CarePlan.Due::kind)
                .containsExactlyInAnyOrder(CareKind.OIL, CareKind.CLEAN);
        assertThat(new CarePlan(5, 4, 0, OptionalDouble.of(7), 0, Past.IN_USE).of(computer))
                .as("linty work halves the interval of a service")
                .allMatch(CarePlan.Due::isDue);
        assertThat(CarePlan.backIntoUse(computer)).anyMatch(text -> text.contains("oil is the technician's"));
        assertThat(CarePlan.backIntoUse(mechanical).get(0)).startsWith("Mains plug out.");
        assertThat(yearOld.wantsRunIn()).isFalse();
        assertThat(new CarePlan(0, 0, 0, OptionalDouble.empty(), 0, Past.SECOND_HAND).wantsRunIn())
                .as("nobody judges a machine that was not run in")
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"0", "-5", "1500", "NaN"})
    void work_that_makes_no_sense_is_refused(double minutes) {
        assertThatThrownBy(() -> EffectiveHours.of(minutes, Wear.ORDINARY, false))
                .isInstanceOf(BadInput.class);
    }

    private static double width(LearntLife life) {
        return life.hoursOneInFiveBound(0.9) - life.hoursOneInFiveBound(0.1);
    }

    private static List<ObservedLife> lives(int count, double hours) {
        return java.util.Collections.nCopies(count, new ObservedLife(hours, true));
    }
}
