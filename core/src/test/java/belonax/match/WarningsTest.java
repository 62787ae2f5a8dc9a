package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.FootKind;
import belonax.machine.MachineKind;
import belonax.needle.NeedleSystem;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said beside an answer: cautions, and on what sewists differ. */
class WarningsTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();
    private static final SewingThread POLYESTER_25 = SewingThread.spunPolyester(25);

    private static JobBuilder job(String cloth, int layers) {
        return job(cloth, layers, POLYESTER_25);
    }

    private static JobBuilder job(String cloth, int layers, SewingThread thread) {
        return Job.sewing(Stack.of(CLOTHS.get(cloth), layers), thread);
    }

    private static Match match(JobBuilder job) {
        return MATCHER.match(MatchRequest.of(job.build()));
    }

    @Test
    void ordinary_work_is_left_in_peace() {
        assertThat(match(job("quilting-cotton", 2)).warnings()).isEmpty();
        assertThat(match(job("quilting-cotton", 2)).school()).isEmpty();
    }

    @ParameterizedTest(name = "{0}, {1} layers, {2}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "leather-garment | 2 | SEAM       | Mind your eyes: glasses on and face away from the needle",
                "webbing-nylon   | 2 | SEAM       | Mind your eyes: glasses on and face away from the needle",
                "leather-garment | 2 | SEAM       | Leather: no pins in the seam, no back-stitching, tie the ends.",
                "vinyl           | 2 | SEAM       | Every hole stays: clips instead of pins, no back-stitching, tie the ends.",
                "quilting-cotton | 2 | EMBROIDERY | Dense stitching wants a stabiliser under the cloth",
                "poplin          | 2 | BUTTONHOLE | A buttonhole wants a stabiliser under it.",
                "batting-sandwich| 1 | QUILTING   | A ready batting sandwich is a whole stack by itself",
                "lawn            | 2 | OPENWORK   | Wing needle: cut the thread by hand"
            })
    void the_cloth_and_the_work_have_their_cautions(String cloth, int layers, Purpose purpose, String told) {
        assertThat(match(job(cloth, layers).purpose(purpose)).warnings())
                .anySatisfy(text -> assertThat(text).startsWith(told));
    }

    @ParameterizedTest(name = "{0} {1} on {2}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "COTTON    | SPUN         | single-jersey | SEAM | Cotton thread does not give with this cloth, and the seam will pop",
                "COTTON    | SPUN         | poplin        | SEAM | A cotton seam can draw up at the first wash",
                "RAYON     | FILAMENT     | poplin        | SEAM | Rayon is not for a seam that is worn",
                "NYLON     | MONOFILAMENT | lace          | SEAM | Monofilament curls and hides the thread path",
                "POLYESTER | WAXED        | poplin        | SEAM | Wax-coated thread is for hand sewing"
            })
    void each_thread_has_its_cautions(Fibre fibre, Build build, String cloth, Purpose purpose, String told) {
        JobBuilder job = job(cloth, 2, POLYESTER_25.of(fibre, build)).purpose(purpose);

        assertThat(match(job).warnings()).anySatisfy(text -> assertThat(text).startsWith(told));
    }

    @Test
    void a_cloth_that_was_washed_before_cutting_shrinks_no_more_but_its_cotton_thread_does() {
        JobBuilder job =
                job("poplin", 2, POLYESTER_25.of(Fibre.COTTON, Build.SPUN)).washed(true);

        assertThat(match(job).warnings())
                .anySatisfy(text ->
                        assertThat(text).startsWith("This cloth was washed before cutting and shrinks no more"));
    }

    @Test
    void hide_is_not_washed_so_nothing_is_said_of_shrinking() {
        JobBuilder job = job("leather-garment", 2, POLYESTER_25.of(Fibre.COTTON, Build.SPUN));

        assertThat(match(job).warnings()).noneMatch(text -> text.contains("wash"));
    }

    @Test
    void an_old_thread_is_snapped_first() {
        SewingThread old = new SewingThread(
                POLYESTER_25.tex(), Fibre.COTTON, Build.SPUN, OptionalDouble.of(30), POLYESTER_25.quality(), true);

        assertThat(match(job("poplin", 2, old)).warnings())
                .anySatisfy(text -> assertThat(text).startsWith("Snap-test this thread first"));
    }

    @Test
    void a_foot_that_the_machine_lacks_is_told_with_what_comes_nearest() {
        assertThat(match(job("velvet", 2).feet(List.of(FootKind.STANDARD))).warnings())
                .contains("Among this machine's feet is no walking foot: the standard foot comes nearest.");
        assertThat(match(job("quilting-cotton", 2).purpose(Purpose.FREE_MOTION).feet(List.of(FootKind.STANDARD)))
                        .warnings())
                .contains("Among this machine's feet is no darning foot: look for one of its own shank height.");
    }

    @Test
    void a_crossing_is_turned_by_hand_with_the_face_away() {
        assertThat(match(job("denim-mid", 2).crossingLayers(8)).warnings())
                .contains(
                        "At the crossing of 8 layers: flatten it, level the foot, turn the wheel by hand, and keep your face"
                                + " away.");
    }

    @Test
    void an_industrial_system_is_fitted_only_where_the_machines_own_list_names_it() {
        assertThat(match(job("poplin", 2).systems(List.of(NeedleSystem.WH_287))).warnings())
                .anySatisfy(text -> assertThat(text).contains("is an industrial system"));
    }

    @Test
    void paper_keeps_its_holes_on_purpose() {
        Stack stack =
                Stack.of(List.of(new Layers(CLOTHS.get("quilting-cotton"), 2), new Layers(CLOTHS.get("paper"), 1)));
        JobBuilder job = Job.sewing(stack, POLYESTER_25).purpose(Purpose.PIECING);

        assertThat(match(job).warnings()).noneMatch(text -> text.startsWith("Every hole stays"));
    }

    @ParameterizedTest(name = "{0}, {1} layers, {2}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "quilting-cotton | 2 | PIECING     | Piecing: universal 70 to 80, say some; a fine sharp 70 to 80",
                "swim-knit       | 2 | SEAM        | Universal needles in knits: never, say some; try it first, say others. We rule"
                        + " it out here",
                "ponte           | 2 | SEAM        | Universal needles in knits: never, say some; try it first, say others.",
                "leather-garment | 2 | SEAM        | Hides: a cutting point on real and imitation leather alike, say some",
                "faux-leather    | 2 | SEAM        | Imitation leather: a cutting point as for a hide, say some",
                "denim-heavy     | 2 | SEAM        | Denim and canvas: an extra sharp point, say some",
                "quilting-cotton | 2 | FREE_MOTION | Free work: 60 or 70 so that no hole shows",
                "quilting-cotton | 2 | EMBROIDERY  | Machine embroidery: 75/11, as many machine makers advise"
            })
    void rival_schools_are_named_with_ours_and_why(String cloth, int layers, Purpose purpose, String told) {
        Match match = match(job(cloth, layers).purpose(purpose));

        assertThat(match.school()).hasValueSatisfying(text -> assertThat(text).startsWith(told));
    }

    @Test
    void whoever_chose_a_school_of_sizes_sees_that_it_was_heeded() {
        assertThat(match(job("quilting-cotton", 2).school(SizeSchool.THREAD_FIRST))
                        .school())
                .hasValueSatisfying(text ->
                        assertThat(text).endsWith("Ranked thread first, as you chose; ours counts both alike."));
        assertThat(match(job("quilting-cotton", 2).school(SizeSchool.CLOTH_FIRST))
                        .school())
                .hasValueSatisfying(
                        text -> assertThat(text).endsWith("Ranked cloth first, as you chose; ours counts both alike."));
    }

    @Test
    void an_overlocker_goes_by_its_own_list() {
        assertThat(match(job("single-jersey", 2)
                                .purpose(Purpose.OVERLOCK)
                                .machineKind(MachineKind.OVERLOCKER)
                                .systems(List.of(NeedleSystem.HAX1SP)))
                        .school())
                .hasValueSatisfying(text -> assertThat(text)
                        .contains("We go by the machine's own list, here HAx1SP; you may add 130/705 H to it"));
    }

    @ParameterizedTest(name = "{1} on {0} made for it: {2}")
    @CsvSource({
        "poplin,          universal,  true",
        "swim-knit,       stretch,    true",
        "denim-heavy,     jeans,      true",
        "leather-garment, leather,    true",
        "quilting-cotton, embroidery, false"
    })
    void good_is_kept_for_what_is_made_for_the_work(String cloth, String type, boolean made) {
        Match match = match(job(cloth, 2));

        assertThat(match.all().stream()
                        .filter(candidate -> candidate.needle().type().words().equals(type))
                        .anyMatch(match::isMadeFor))
                .isEqualTo(made);
    }
}
