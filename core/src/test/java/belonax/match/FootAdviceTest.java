package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.machine.FootKind;
import belonax.machine.MachineKind;
import belonax.match.FootAdvice.Pressure;
import belonax.thread.SewingThread;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The foot for every purpose and cloth, and what does where it is not there. */
class FootAdviceTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();

    private static JobBuilder job(String cloth, int layers, Purpose purpose) {
        return Job.sewing(Stack.of(CLOTHS.get(cloth), layers), SewingThread.spunPolyester(25))
                .purpose(purpose);
    }

    private static FootAdvice foot(JobBuilder job) {
        return FootAdvice.of(job.build());
    }

    @ParameterizedTest(name = "{0} in {1}: {2}")
    @CsvSource({
        "SEAM,        poplin,           STANDARD",
        "SEAM,        chiffon,          STRAIGHT",
        "SEAM,        velvet,           WALKING",
        "SEAM,        leather-garment,  ROLLER",
        "SEAM,        vinyl,            NON_STICK",
        "SEAM,        swim-knit,        STANDARD",
        "HEM,         poplin,           STANDARD",
        "GATHER,      lawn,             STANDARD",
        "PIECING,     quilting-cotton,  QUARTER_INCH",
        "TOPSTITCH,   denim-mid,        EDGE",
        "TOPSTITCH,   vinyl,            NON_STICK",
        "QUILTING,    batting-sandwich, WALKING",
        "FREE_MOTION, quilting-cotton,  DARNING",
        "EMBROIDERY,  quilting-cotton,  DARNING",
        "DARNING,     denim-mid,        DARNING",
        "BUTTONHOLE,  poplin,           BUTTONHOLE",
        "BUTTONHOLE,  leather-garment,  ROLLER",
        "DECORATIVE,  quilting-cotton,  OPEN_TOE",
        "OPENWORK,    lawn,             OPEN_TOE",
        "SATIN,       quilting-cotton,  OPEN_TOE",
        "BLIND_HEM,   wool-suiting,     BLIND_HEM",
        "ROLLED_HEM,  chiffon,          ROLLED_HEM",
        "ZIP,         poplin,           ZIPPER",
        "PIPING,      poplin,           PIPING",
        "COUCHING,    poplin,           COUCHING",
        "PINTUCKS,    lawn,             PINTUCK",
        "OVERLOCK,    single-jersey,    OVERLOCK",
        "COVER_HEM,   single-jersey,    COVER"
    })
    void every_purpose_has_its_foot(Purpose purpose, String cloth, FootKind kind) {
        FootAdvice foot = foot(job(cloth, 2, purpose));

        assertThat(foot.kind()).isEqualTo(kind);
        assertThat(foot.lacking()).isFalse();
        assertThat(foot.words()).isEqualTo(kind.words());
    }

    @ParameterizedTest(name = "{1} of {0}: {2}")
    @CsvSource({
        "chiffon,          2, LIGHT",
        "swim-knit,        2, LIGHT",
        "velvet,           2, LIGHT",
        "batting-sandwich, 1, LIGHT",
        "quilting-cotton,  2, NORMAL",
        "poplin,           2, NORMAL",
        "canvas,           2, NORMAL",
        "vinyl,            4, NORMAL",
        "faux-fur,         2, LIGHT",
        "canvas,           4, FIRM",
        "denim-heavy,      4, FIRM"
    })
    void thin_cloth_and_knits_want_a_light_foot_and_stiff_cloth_a_firm_one(
            String cloth, int layers, Pressure pressure) {
        assertThat(foot(job(cloth, layers, Purpose.SEAM)).pressure()).contains(pressure);
    }

    @Test
    void a_foot_that_hovers_has_no_pressure() {
        assertThat(foot(job("canvas", 2, Purpose.FREE_MOTION)).pressure()).isEmpty();
        assertThat(foot(job("twill", 1, Purpose.EMBROIDERY)).pressure()).isEmpty();
    }

    @Test
    void many_layers_are_walked_over() {
        assertThat(foot(job("poplin", 5, Purpose.SEAM)).kind()).isEqualTo(FootKind.STANDARD);
        assertThat(foot(job("poplin", 6, Purpose.SEAM)).kind()).isEqualTo(FootKind.WALKING);
    }

    @Test
    void a_foot_that_is_not_among_the_machines_own_is_named_with_what_comes_nearest() {
        FootAdvice foot =
                foot(job("quilting-cotton", 2, Purpose.PIECING).feet(List.of(FootKind.STANDARD, FootKind.ZIPPER)));

        assertThat(foot.lacking()).isTrue();
        assertThat(foot.words()).isEqualTo("quarter-inch foot; of yours the standard foot comes nearest");
    }

    @Test
    void nothing_stands_in_for_a_darning_foot() {
        FootAdvice foot =
                foot(job("quilting-cotton", 2, Purpose.FREE_MOTION).feet(List.of(FootKind.STANDARD, FootKind.WALKING)));

        assertThat(foot.nextBest()).isEmpty();
        assertThat(foot.words()).isEqualTo("darning foot, which is not among yours");
    }

    @Test
    void the_next_in_order_comes_before_the_standard_foot() {
        FootAdvice foot =
                foot(job("leather-garment", 2, Purpose.SEAM).feet(List.of(FootKind.STANDARD, FootKind.WALKING)));

        assertThat(foot.nextBest()).contains(FootKind.WALKING);
    }

    @Test
    void a_straight_stitch_foot_stands_in_for_the_standard_one_where_nothing_swings() {
        assertThat(foot(job("poplin", 2, Purpose.SEAM).feet(List.of(FootKind.STRAIGHT)))
                        .nextBest())
                .contains(FootKind.STRAIGHT);
        assertThat(foot(job("poplin", 2, Purpose.ELASTIC).feet(List.of(FootKind.STRAIGHT)))
                        .nextBest())
                .isEmpty();
    }

    @Test
    void an_overlocker_rolls_a_hem_with_the_foot_that_is_on_it() {
        assertThat(foot(job("chiffon", 2, Purpose.ROLLED_HEM).machineKind(MachineKind.OVERLOCKER))
                        .kind())
                .isEqualTo(FootKind.OVERLOCK);
    }
}
