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
import belonax.match.StitchAdvice;
import belonax.plan.JobPlan.Planned;
import belonax.plan.Sittings.Piece;
import belonax.plan.Sittings.Sitting;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@DisplayName("Evenings, and how fast one sews")
class SittingsTest {
    private static final MatchRequest POPLIN = MatchRequest.of(
            Job.sewing(Stack.of(ClothCatalogue.standard().get("poplin"), 2), SewingThread.spunPolyester(25))
                    .build());

    @Test
    @DisplayName("A change falls between two evenings where that costs no evening more")
    void changes_fall_between_evenings() {
        List<Sitting> cut =
                Sittings.cut(List.of(step(30, false), step(20, false), step(25, true), step(20, false)), 80);

        assertThat(cut).extracting(sitting -> sitting.pieces().size()).containsExactly(2, 2);
        assertThat(cut.get(1).minutes()).isCloseTo(49, within(1e-9));
    }

    @Test
    @DisplayName("Only a step that is longer than an evening is cut, and the next one shares what is left of its last")
    void only_a_long_step_is_cut() {
        List<Sitting> cut = Sittings.cut(List.of(step(40, false), step(150, false), step(20, false)), 60);

        assertThat(cut).hasSize(4);
        assertThat(cut.get(1).pieces()).extracting(Piece::goesOn).containsExactly(false);
        assertThat(cut.get(3).pieces()).extracting(Piece::minutes).containsExactly(30.0, 20.0);
        assertThatThrownBy(() -> Sittings.cut(List.of(), 3)).isInstanceOf(BadInput.class);
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void nothing_is_lost_and_no_evening_is_too_long(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        List<Planned> steps = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            steps.add(step(chance.nextDouble(1, 100), chance.nextInt(3) == 0));
        }

        List<Sitting> cut = Sittings.cut(steps, 60);

        assertThat(cut).allSatisfy(sitting -> assertThat(sitting.minutes()).isLessThanOrEqualTo(60 + 1e-6));
        double sewn = cut.stream()
                .flatMap(sitting -> sitting.pieces().stream())
                .mapToDouble(Piece::minutes)
                .sum();
        assertThat(sewn)
                .isCloseTo(
                        steps.stream()
                                .mapToDouble(planned -> planned.use().minutes())
                                .sum(),
                        within(1e-6));
    }

    @Test
    @DisplayName("From five steps on this sewist's own metres an hour count, by purpose from three of it")
    void the_sewists_own_pace() {
        List<Pace.Sewn> four = IntStream.range(0, 4)
                .mapToObj(number -> new Pace.Sewn(Purpose.SEAM, 10, 10))
                .toList();
        List<Pace.Sewn> seven = new ArrayList<>(four);
        seven.addAll(List.of(
                new Pace.Sewn(Purpose.HEM, 10, 30),
                new Pace.Sewn(Purpose.HEM, 10, 20),
                new Pace.Sewn(Purpose.HEM, 10, 25)));

        assertThat(Pace.of(four).metresAnHour(Purpose.SEAM)).isEmpty();
        assertThat(Pace.of(four).words()).startsWith("Minutes at 0.4 of a motor's speed");
        Pace heard = Pace.of(four)
                .hearing(Map.of("m1", new Pace.Heard("Badger", 214.4), "m2", new Pace.Heard("Badger", 400)));
        assertThat(heard.words())
                .isEqualTo(
                        "Minutes as your machines were heard: Badger 214, Badger 400 stitches a minute, guiding and turning"
                                + " included, until five of your own steps are known.");
        assertThat(heard.stitchesPerMinute("m1")).as("two may have one name").isEqualTo(214.4);
        assertThat(heard.stitchesPerMinute("m2")).isEqualTo(400);
        assertThat(heard.stitchesPerMinute("m3")).as("never heard").isEqualTo(320);
        assertThat(Pace.of(seven).metresAnHour(Purpose.SEAM)).hasValue(60);
        assertThat(Pace.of(seven).metresAnHour(Purpose.HEM)).hasValue(24);
        assertThat(Pace.of(seven).metresAnHour(Purpose.ZIP)).hasValue(60);
        Step told = new Step(
                "a",
                "a",
                POPLIN,
                new StepStitch(StitchAdvice.Kind.STRAIGHT, 2.5, 0),
                "w",
                12,
                1,
                Set.of(),
                "m",
                OptionalDouble.empty(),
                OptionalDouble.of(24));
        assertThat(StepUse.of(told, Station.unknown("m", 320, new BobbinRoom(20, 6, 9)))
                        .minutes())
                .isEqualTo(30);
    }

    private static Planned step(double minutes, boolean newNeedle) {
        Step step = new Step(
                "a",
                "a",
                POPLIN,
                new StepStitch(StitchAdvice.Kind.STRAIGHT, 2.5, 0),
                "w",
                1,
                1,
                Set.of(),
                "m",
                OptionalDouble.empty());
        StepUse use = new StepUse(100, minutes, 1, 1, 0, 0.1);
        return new Planned(0, step, use, NeedleMatcher.standard().match(POPLIN).best(), 4, newNeedle, false, false);
    }
}
