package belonax.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.balance.Advice;
import belonax.balance.BalanceSetup;
import belonax.balance.DialAdvisor;
import belonax.balance.Reading;
import belonax.balance.Strip;
import belonax.fault.FaultFinder;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.Trouble;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleRange;
import belonax.thread.SewingThread;
import belonax.thread.ThreadLabel;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever seed a drill is made from, what it says is right is what the advisor, the finder and the readers say. */
@Tag("thorough")
class DrillsTest {
    private static final int SEEDS = 400;
    private static final double DIAL = 4;
    private static final BalanceSetup SETUP = new BalanceSetup(
            Dial.numbered(), BobbinKind.REMOVABLE, 0.7, 0, SewingThread.spunPolyester(25), Optional.empty());

    @ParameterizedTest
    @EnumSource
    void every_kind_is_made_at_every_level_and_the_same_name_makes_the_same_drill(DrillKind kind) {
        Set<Topic> topics = new HashSet<>();
        drills(kind).forEach(drill -> {
            topics.add(drill.topic());
            assertThat(Drills.make(DrillId.read(drill.id().toString()))).isEqualTo(drill);
            assertThat(drill.why()).endsWith(".");
            assertThat(drill.id().toString())
                    .doesNotContainIgnoringCase(drill.topic().name());
            assertThat(drill.strip().isPresent() || drill.needle().isPresent()).isEqualTo(kind.needsEyes());
            assertThat(drill.text().isEmpty()).isEqualTo(kind.needsEyes());
        });
        assertThat(topics.size()).isGreaterThanOrEqualTo(8);
    }

    @Test
    void which_way_a_strip_is_turned_is_what_the_advisor_does_with_it() {
        drills(DrillKind.STRIP).forEach(drill -> {
            StripLook look = drill.strip().orElseThrow().look();
            assertThat(drill.topic().name()).isEqualTo(look.name());
            assertThat(advised(look)).as(look.name()).isEqualTo(look.way());
            if (drill.choices().contains(Way.UP.words())) {
                assertThat(drill.answer()).isEqualTo(look.way().words());
            } else {
                assertThat(drill.answer()).isEqualTo(look.words());
            }
        });
    }

    @ParameterizedTest
    @EnumSource(StripLook.class)
    void who_reads_a_strip_right_has_seen_what_is_counted(StripLook look) {
        look.reading()
                .ifPresent(reading -> assertThat(Reading.of(look.strip(DIAL))).isEqualTo(reading));
    }

    private static Way advised(StripLook look) {
        Strip strip = look.strip(DIAL);
        // One strip alone may be misread, and what comes and goes is told apart by the second.
        Advice advice = DialAdvisor.advise(SETUP, List.of(), List.of(strip, strip));
        if (advice.action() == Advice.Action.RETHREAD) {
            return Way.ELSEWHERE;
        }
        double to = advice.dial().orElseThrow();
        return Math.abs(to - DIAL) < 0.01 ? Way.LEAVE : to < DIAL ? Way.DOWN : Way.UP;
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void every_look_is_drawn_at_every_level_and_none_lies_between_two(int level) {
        List<StripDrawing> all = LongStream.range(0, SEEDS)
                .mapToObj(number -> Drills.make(DrillId.of(DrillKind.STRIP, level, number * 7919)))
                .map(drill -> drill.strip().orElseThrow())
                .toList();

        assertThat(all.stream().map(StripDrawing::look).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(StripLook.values());
        assertThat(all).allSatisfy(stripDrawing -> {
            assertThat(stripDrawing.locks()).allSatisfy(lock -> {
                assertThat(lock.xMm()).isBetween(1.0, stripDrawing.widthMm() - 1);
                assertThat(lock.yMm()).isBetween(1.0, stripDrawing.heightMm() - 1);
            });
            assertThat(stripDrawing.inWords())
                    .contains("On top: ", "Below: ")
                    .doesNotContain("tight", "loose", "balanced");
        });
        assertThat(all.stream().filter(StripDrawing::isBetween).count()).isLessThan(SEEDS / 20);
    }

    @Test
    void labels_say_what_their_readers_read() {
        drills(DrillKind.LABEL).forEach(drill -> {
            String read = drill.question().contains("packet")
                    ? NeedleLabel.read(drill.text()).needle().orElseThrow().words()
                    : "tex " + ThreadLabel.read(drill.text()).likeliest().tex().shown();
            assertThat(drill.answer()).isEqualTo(read);
            if (drill.question().contains("packet")) {
                assertThat(NeedleRange.standard()
                                .makes(NeedleLabel.read(drill.text()).needle().orElseThrow()))
                        .as(drill.text())
                        .isTrue();
            }
        });
    }

    @Test
    void what_is_checked_first_is_what_the_finder_checks_first_and_its_rival_is_never_hidden() {
        drills(DrillKind.CHECK).forEach(drill -> {
            List<FaultFinder.Ranked> ranked = FaultFinder.standard()
                    .rank(Trouble.of(Symptom.valueOf(drill.topic().name())), SearchSchool.values()[0])
                    .checks();
            assertThat(drill.answer()).isEqualTo(ranked.get(0).check().title());
            assertThat(drill.choices()).contains(ranked.get(1).check().title());
        });
    }

    @Test
    void needles_that_are_offered_beside_each_other_differ_to_the_eye() {
        drills(DrillKind.NEEDLE).forEach(drill -> {
            NeedleDrawing drawing = drill.needle().orElseThrow();
            assertThat(drawing.inWords()).doesNotContain(drawing.needle().type().words() + " needle");
            if (drawing.state() != NeedleState.SOUND) {
                assertThat(drawing.front())
                        .isNotEqualTo(new NeedleDrawing(drawing.needle(), NeedleState.SOUND, 0).front());
                assertThat(drill.answer()).isEqualTo(drawing.state().words());
            }
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "strip",
                "strip-0-000000000000-00000000",
                "strip-3-000000000001-00000000",
                "4b8f6a0e-1a2b-4c3d-8e9f-001122334455"
            })
    void a_drill_that_never_was_is_refused(String id) {
        assertThatThrownBy(() -> DrillId.read(id))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("There is no such drill");
    }

    private static Stream<Drill> drills(DrillKind kind) {
        return LongStream.range(0, SEEDS)
                .mapToObj(number ->
                        Drills.make(DrillId.of(kind, (int) (number % (DrillId.HARDEST + 1)), number * 104_729)));
    }
}
