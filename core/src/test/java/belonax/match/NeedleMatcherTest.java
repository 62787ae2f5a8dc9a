package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.BadInput;
import belonax.Cloths;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Hazard;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.hazard.Verdict;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class NeedleMatcherTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();

    /** What holds for every job; the seed of a job stands in its name. */
    @Nested
    class Laws {
        static Stream<Integer> seeds() {
            return IntStream.range(0, 150).boxed();
        }

        @ParameterizedTest(name = "seed {0}")
        @MethodSource("seeds")
        void the_best_stands_first_and_only_what_is_made_is_advised(int seed) {
            Job job = anyJob(seed);

            List<Recommendation> list = MATCHER.match(MatchRequest.of(job)).recommendations();

            assertThat(list).hasSizeGreaterThanOrEqualTo(3);
            assertThat(list)
                    .isSortedAccordingTo(Comparator.comparing(Recommendation::verdict)
                            .thenComparing(Recommendation::expectedHarm)
                            .thenComparing(candidate -> candidate.needle().size()));
            assertThat(list).allMatch(candidate -> NeedleRange.standard().makes(candidate.needle()));
            assertThat(list)
                    .allMatch(candidate ->
                            job.systems().contains(candidate.needle().system()));
        }

        @ParameterizedTest(name = "seed {0}")
        @MethodSource("seeds")
        void a_forbidden_type_never_stands_above_one_that_may_be_used(int seed) {
            List<Recommendation> list =
                    MATCHER.match(MatchRequest.of(anyJob(seed))).recommendations();

            List<Boolean> forbidden = list.stream()
                    .map(candidate -> candidate.prediction().limit() == Verdict.AVOID)
                    .toList();
            assertThat(forbidden).isSorted();
        }

        @ParameterizedTest(name = "seed {0}")
        @MethodSource("seeds")
        void chances_are_chances_and_every_reason_is_a_sentence(int seed) {
            for (Recommendation candidate :
                    MATCHER.match(MatchRequest.of(anyJob(seed))).recommendations()) {
                for (Hazard hazard : Hazard.values()) {
                    assertThat(candidate.hazards().of(hazard)).isBetween(0.0, 1.0);
                }
                assertThat(candidate.reasons())
                        .isNotEmpty()
                        .allMatch(reason -> reason.text().endsWith("."));
            }
        }

        @ParameterizedTest(name = "seed {0}")
        @MethodSource("seeds")
        void a_proven_set_up_comes_first(int seed) {
            Job job = anyJob(seed);
            SplittableRandom random = new SplittableRandom(seed);
            NeedleType type = pick(random, List.of(NeedleType.STRETCH, NeedleType.JEANS, NeedleType.UNIVERSAL));
            NeedleSize size = pick(random, NeedleRange.standard().sizesOf(type));

            Match match = MATCHER.match(MatchRequest.of(job).withProven(List.of(new MatchRequest.Proven(type, size))));

            if (job.limits().forbidAll()) {
                assertThat(match.best().verdict()).isEqualTo(Verdict.AVOID);
                assertThat(match.limits())
                        .isNotEmpty()
                        .allMatch(limit -> !limit.wayOut().isBlank());
            } else if (job.limits().binding().isEmpty()) {
                assertThat(match.best().needle().type()).isEqualTo(type);
                assertThat(match.best().needle().size()).isEqualTo(size);
                assertThat(match.best().reasons().get(0).text()).isEqualTo(Recommendation.PROVEN);
            }
        }

        @ParameterizedTest(name = "seed {0}")
        @MethodSource("seeds")
        void more_layers_never_ask_for_a_thinner_needle(int seed) {
            SplittableRandom random = new SplittableRandom(seed);
            Cloth cloth = pick(random, CLOTHS.all());
            int layers = 1 + random.nextInt(6);
            Purpose purpose = pick(random, List.of(Purpose.values()));

            Job job = Job.sewing(Stack.of(cloth, layers), SewingThread.spunPolyester(25))
                    .purpose(purpose)
                    .build();
            Job thicker = Job.sewing(Stack.of(cloth, layers + 1), job.thread())
                    .purpose(purpose)
                    .build();

            assertThat(thicker.clothWindow().step())
                    .isGreaterThanOrEqualTo(job.clothWindow().step());
        }

        @ParameterizedTest(name = "seed {0}")
        @MethodSource("seeds")
        void a_wider_eye_never_raises_the_smallest_size(int seed) {
            Job job = anyJob(seed);

            assertThat(job.threadWindow(0.52).minNm())
                    .isLessThan(job.threadWindow(0.46).minNm());
            assertThat(job.threadWindow(0.46).minNm())
                    .isLessThan(job.threadWindow(0.40).minNm());
        }

        @ParameterizedTest(name = "seed {0}")
        @MethodSource("seeds")
        void a_conflict_is_told_exactly_where_the_windows_do_not_meet(int seed) {
            Job job = anyJob(seed);

            Match match = MATCHER.match(MatchRequest.of(job));

            boolean meet = match.clothWindow().stepsFrom(job.threadWindow(0.40)) <= 0.5;
            if (job.purpose() != Purpose.OPENWORK) {
                assertThat(match.conflict().isEmpty()).isEqualTo(meet);
            }
            if (!meet) {
                assertThat(match.recommendations())
                        .filteredOn(candidate -> candidate.verdict() == Verdict.GOOD)
                        .allMatch(candidate -> candidate.needle().point().eye().widthShare() > 0.40
                                || candidate.needle().type() == NeedleType.WING);
            }
        }
    }

    @Nested
    class Conflicts {
        @Test
        void a_heavy_thread_on_denim_is_shown_the_topstitch_needle_first() {
            Match match = MATCHER.match(MatchRequest.of(
                    seam("denim-light", 2, 80).purpose(Purpose.TOPSTITCH).build()));

            Conflict conflict = match.conflict().orElseThrow();
            assertThat(conflict.why()).contains("tex 80", "80/12 to 100/16", "Thread first", "cloth first");
            assertThat(conflict.waysOut().get(0)).contains("topstitch");
            assertThat(match.best().needle().type()).isEqualTo(NeedleType.TOPSTITCH);
            assertThat(match.best().verdict()).isEqualTo(Verdict.GOOD);
        }

        @Test
        void a_heavy_thread_on_chiffon_is_not_sent_to_an_eye_that_does_not_help() {
            Match match = MATCHER.match(MatchRequest.of(seam("chiffon", 2, 80).build()));

            Conflict conflict = match.conflict().orElseThrow();
            assertThat(conflict.waysOut()).noneMatch(text -> text.contains("topstitch"));
            assertThat(conflict.waysOut().get(0)).contains("finer thread");
            assertThat(match.recommendations()).noneMatch(candidate -> candidate.verdict() == Verdict.GOOD);
        }

        @ParameterizedTest(name = "{0}")
        @MethodSource("belonax.match.NeedleMatcherTest#conflicted")
        void every_thread_and_every_layer_count_that_is_offered_truly_helps(Job job) {
            Conflict conflict = MATCHER.match(MatchRequest.of(job)).conflict().orElseThrow();

            for (String way : conflict.waysOut()) {
                Job changed = changedAsAdvised(job, way);
                assertThat(changed.windowsMissEachOther(way.startsWith("Take the topstitch") ? 0.52 : 0.40))
                        .as(way)
                        .isFalse();
            }
        }

        @Test
        void the_school_decides_what_gives_way() {
            JobBuilder job = seam("voile", 2, 60);

            NeedleSize threadFirst =
                    best(job.school(SizeSchool.THREAD_FIRST).build()).size();
            NeedleSize clothFirst =
                    best(job.school(SizeSchool.CLOTH_FIRST).build()).size();

            assertThat(threadFirst).isGreaterThan(clothFirst);
        }
    }

    @Nested
    class OtherMachines {
        @Test
        void an_overlocker_is_advised_only_its_own_system_even_on_a_woven() {
            Match match = MATCHER.match(MatchRequest.of(
                    seam("poplin", 2, 25).systems(List.of(NeedleSystem.HAX1SP)).build()));

            assertThat(match.recommendations())
                    .allMatch(candidate -> candidate.needle().system() == NeedleSystem.HAX1SP);
            assertThat(match.best().verdict()).isEqualTo(Verdict.GOOD);
        }

        @Test
        void a_straight_stitch_plate_stops_every_needle_that_would_strike() {
            Match wide = MATCHER.match(MatchRequest.of(
                    seam("poplin", 2, 25).plate(Plate.STRAIGHT).stitchWidthMm(3).build()));
            Match twin = MATCHER.match(
                    MatchRequest.of(seam("poplin", 2, 25).plate(Plate.STRAIGHT).build())
                            .withTwin(new MatchRequest.TwinWish(2.5, 2)));

            assertThat(wide.recommendations()).allMatch(candidate -> candidate.verdict() == Verdict.AVOID);
            assertThat(twin.recommendations()).allMatch(candidate -> candidate.verdict() == Verdict.AVOID);
            assertThat(wide.stitch().widthMm()).isZero();
        }

        @Test
        void a_twin_wider_than_the_slot_is_stopped_with_both_numbers() {
            Match match = MATCHER.match(MatchRequest.of(seam("single-jersey", 2, 25)
                            .slotMm(5.5)
                            .stitchWidthMm(2)
                            .build())
                    .withTwin(new MatchRequest.TwinWish(4, 2)));

            assertThat(match.best().verdict()).isEqualTo(Verdict.AVOID);
            assertThat(match.best().prediction().limitReasons().toString())
                    .contains("5.5 mm")
                    .contains("7.8 mm");
        }

        @Test
        void a_knit_hem_gets_the_stretch_twin() {
            Match match = MATCHER.match(MatchRequest.of(
                            seam("single-jersey", 2, 25).purpose(Purpose.HEM).build())
                    .withTwin(new MatchRequest.TwinWish(4, 2)));

            assertThat(match.best().needle().twin().orElseThrow().point()).isEqualTo(NeedleType.STRETCH);
            assertThat(match.best().verdict()).isEqualTo(Verdict.GOOD);
        }

        @Test
        void a_twin_that_nobody_makes_is_refused_with_those_that_are_made() {
            MatchRequest request =
                    MatchRequest.of(seam("poplin", 2, 25).build()).withTwin(new MatchRequest.TwinWish(5, 2));

            Assertions.assertThatThrownBy(() -> MATCHER.match(request))
                    .isInstanceOf(BadInput.class)
                    .hasMessage(
                            "No twin needle is made with 5.0 mm for 130/705 H. Choose one of 1.6, 2.0, 2.5, 3.0, 4.0, 6.0"
                                    + " mm.");
        }

        @Test
        void a_light_machine_is_warned_on_canvas_and_gains_nothing_from_a_bigger_needle() {
            Match normal = MATCHER.match(MatchRequest.of(seam("canvas", 3, 35).build()));
            Match light = MATCHER.match(MatchRequest.of(
                    seam("canvas", 3, 35).power(MotorPower.LIGHT).build()));

            assertThat(light.best().needle().size())
                    .isEqualTo(normal.best().needle().size());
            assertThat(light.best().hazards().breakage())
                    .isGreaterThan(normal.best().hazards().breakage());
            assertThat(light.best().reasons()).anyMatch(reason -> reason.text().startsWith("A light machine labours"));
        }
    }

    @Test
    void beyond_120_the_answer_is_not_a_bigger_needle() {
        Match match = MATCHER.match(MatchRequest.of(seam("awning-cloth", 6, 60).build()));

        assertThat(match.recommendations())
                .allMatch(candidate -> candidate.needle().size().compareTo(NeedleSize.NM_120) <= 0);
        assertThat(match.warnings()).anyMatch(text -> text.contains("not a bigger needle"));
    }

    @Test
    void a_thick_crossing_raises_break_and_skip_but_not_the_size() {
        Match flat = MATCHER.match(MatchRequest.of(seam("denim-light", 2, 30).build()));
        Match crossing = MATCHER.match(
                MatchRequest.of(seam("denim-light", 2, 30).crossingLayers(12).build()));

        assertThat(crossing.best().needle()).isEqualTo(flat.best().needle());
        assertThat(crossing.best().hazards().breakage())
                .isGreaterThan(2 * flat.best().hazards().breakage());
        assertThat(crossing.warnings()).anyMatch(text -> text.contains("12 layers"));
    }

    @Test
    void stitch_foot_and_dial_follow_cloth_and_thread() {
        Match knit = MATCHER.match(MatchRequest.of(seam("swim-knit", 2, 25).build()));
        Match leather =
                MATCHER.match(MatchRequest.of(seam("leather-garment", 2, 25).build()));
        Match metallic = MATCHER.match(MatchRequest.of(Job.sewing(
                        Stack.of(CLOTHS.get("poplin"), 2),
                        SewingThread.spunPolyester(33).of(belonax.thread.Fibre.METALLIC, belonax.thread.Build.METALLIC))
                .build()));

        assertThat(knit.stitch().widthMm()).isBetween(1.0, 1.5);
        assertThat(knit.foot().pressure()).contains(FootAdvice.Pressure.LIGHT);
        assertThat(leather.stitch().lengthMm()).isGreaterThanOrEqualTo(3.5);
        assertThat(leather.stitch().note()).contains("No back-stitching");
        assertThat(leather.foot().kind()).isEqualTo(belonax.machine.FootKind.ROLLER);
        assertThat(metallic.startingDial().likely())
                .isLessThan(knit.startingDial().likely() - 1);
    }

    static Stream<Job> conflicted() {
        return Stream.of("chiffon", "voile", "canvas", "awning-cloth", "quilting-cotton", "denim-heavy", "fleece")
                .flatMap(cloth -> Stream.of(8.0, 12.0, 60.0, 100.0)
                        .map(tex -> seam(cloth, 3, tex).build()))
                .filter(job -> job.windowsMissEachOther(0.40));
    }

    /** Reads the advice as a sewist would and follows it. */
    private static Job changedAsAdvised(Job job, String way) {
        if (way.contains("tex ")) {
            double tex = Double.parseDouble(way.replaceFirst(".*tex (\\d+).*", "$1"));
            return Job.sewing(job.stack(), job.thread().withTex(tex)).build();
        }
        if (way.contains("layers")) {
            int layers = Integer.parseInt(way.replaceFirst(".*with (\\d+).*", "$1"));
            return Job.sewing(job.stack().withMainLayers(layers), job.thread()).build();
        }
        return job;
    }

    private static belonax.needle.Needle best(Job job) {
        return MATCHER.match(MatchRequest.of(job)).best().needle();
    }

    private static JobBuilder seam(String cloth, int layers, double tex) {
        return Job.sewing(Stack.of(CLOTHS.get(cloth), layers), SewingThread.spunPolyester(tex));
    }

    private static Job anyJob(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Layers> layers = new ArrayList<>();
        int cloths = 1 + random.nextInt(2);
        for (int i = 0; i < cloths; i++) {
            layers.add(new Layers(pick(random, CLOTHS.all()), 1 + random.nextInt(3)));
        }
        if (random.nextInt(5) == 0) {
            layers.add(new Layers(Cloths.knit(50 + random.nextInt(400), random.nextInt(120)), 1));
        }
        return Job.sewing(Stack.of(layers), SewingThread.spunPolyester(8 + random.nextInt(100)))
                .purpose(pick(random, List.of(Purpose.values())))
                .power(pick(random, List.of(MotorPower.values())))
                .plate(random.nextInt(4) == 0 ? Plate.STRAIGHT : Plate.ZIGZAG)
                .stitchWidthMm(random.nextInt(3) == 0 ? random.nextInt(6) : 0)
                .build();
    }

    private static <T> T pick(SplittableRandom random, List<T> from) {
        return from.get(random.nextInt(from.size()));
    }
}
