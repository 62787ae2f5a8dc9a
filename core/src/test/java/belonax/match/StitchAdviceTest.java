package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.machine.MachineKind;
import belonax.machine.Plate;
import belonax.match.StitchAdvice.Kind;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The stitch of every purpose, by the cloth and by what plate and foot let through. */
class StitchAdviceTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final Needle UNIVERSAL_80 =
            Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);

    private static JobBuilder job(String cloth, Purpose purpose) {
        return Job.sewing(Stack.of(CLOTHS.get(cloth), 2), SewingThread.spunPolyester(25))
                .purpose(purpose);
    }

    private static StitchAdvice stitch(JobBuilder job) {
        return StitchAdvice.of(job.build(), UNIVERSAL_80, false);
    }

    @ParameterizedTest(name = "{0} on {1}: {2}, {3} mm long, {4} mm wide")
    @CsvSource({
        "SEAM,        chiffon,         STRAIGHT,   1.8, 0",
        "SEAM,        lawn,            STRAIGHT,   2,   0",
        "SEAM,        quilting-cotton, STRAIGHT,   2.5, 0",
        "SEAM,        denim-mid,       STRAIGHT,   3,   0",
        "SEAM,        canvas,          STRAIGHT,   3.5, 0",
        "SEAM,        single-jersey,   ZIGZAG,     2.5, 0.5",
        "SEAM,        swim-knit,       ZIGZAG,     2.5, 1.2",
        "SEAM,        leather-garment, STRAIGHT,   3.5, 0",
        "SEAM,        vinyl,           STRAIGHT,   3.5, 0",
        "HEM,         single-jersey,   ZIGZAG,     2.5, 0.5",
        "ZIP,         quilting-cotton, STRAIGHT,   2.5, 0",
        "TOPSTITCH,   chiffon,         STRAIGHT,   2,   0",
        "TOPSTITCH,   quilting-cotton, STRAIGHT,   3,   0",
        "TOPSTITCH,   denim-mid,       STRAIGHT,   3.5, 0",
        "TOPSTITCH,   canvas,          STRAIGHT,   4,   0",
        "TOPSTITCH,   single-jersey,   ZIGZAG,     3,   0.5",
        "QUILTING,    quilting-cotton, STRAIGHT,   2.5, 0",
        "FREE_MOTION, quilting-cotton, FREE,       2.5, 0",
        "DARNING,     denim-mid,       FREE,       2.5, 0",
        "EMBROIDERY,  quilting-cotton, FREE,       0.4, 0",
        "BUTTONHOLE,  poplin,          BUTTONHOLE, 0.4, 2",
        "BUTTONHOLE,  wool-coating,    BUTTONHOLE, 0.5, 2",
        "BUTTONHOLE,  leather-garment, STRAIGHT,   3.5, 0",
        "DECORATIVE,  quilting-cotton, PATTERN,    2.5, 4",
        "GATHER,      lawn,            STRAIGHT,   4,   0",
        "OPENWORK,    lawn,            ZIGZAG,     2.5, 3",
        "PIECING,     quilting-cotton, STRAIGHT,   2,   0",
        "BLIND_HEM,   wool-suiting,    BLIND,      2,   2",
        "ROLLED_HEM,  chiffon,         STRAIGHT,   2,   0",
        "PIPING,      poplin,          STRAIGHT,   2.5, 0",
        "BASTE,       poplin,          STRAIGHT,   5,   0",
        "ELASTIC,     poplin,          ZIGZAG,     3,   2.5",
        "SHIRRING,    lawn,            STRAIGHT,   3.5, 0",
        "SATIN,       quilting-cotton, ZIGZAG,     0.5, 3",
        "SATIN,       vinyl,           STRAIGHT,   3.5, 0",
        "BAR_TACK,    denim-mid,       ZIGZAG,     0.3, 2.5",
        "BAR_TACK,    leather-garment, STRAIGHT,   3.5, 0",
        "COUCHING,    poplin,          ZIGZAG,     2.5, 3",
        "PINTUCKS,    lawn,            STRAIGHT,   2.2, 0",
        "OVERLOCK,    single-jersey,   OVERLOCK,   2.5, 6",
        "COVER_HEM,   single-jersey,   COVER,      3,   5"
    })
    void every_purpose_has_its_stitch(Purpose purpose, String cloth, Kind kind, double lengthMm, double widthMm) {
        StitchAdvice stitch = stitch(job(cloth, purpose));

        assertThat(stitch.kind()).isEqualTo(kind);
        assertThat(stitch.lengthMm()).isEqualTo(lengthMm);
        assertThat(stitch.widthMm()).isEqualTo(widthMm);
        assertThat(stitch.note()).isNotBlank();
    }

    /** Where holes tear or stay, no purpose may perforate the cloth: but for what lies on it and is drawn by a pattern. */
    @ParameterizedTest
    @EnumSource(
            value = Purpose.class,
            names = {"SEAM", "HEM", "ZIP", "TOPSTITCH", "BASTE", "PIPING", "GATHER", "PIECING", "QUILTING", "BUTTONHOLE"
            })
    void no_line_perforates_a_hide(Purpose purpose) {
        assertThat(stitch(job("leather-garment", purpose)).lengthMm()).isGreaterThanOrEqualTo(3.5);
        assertThat(stitch(job("vinyl", purpose)).lengthMm()).isGreaterThanOrEqualTo(3.5);
        assertThat(stitch(job("laminated-cotton", purpose)).lengthMm())
                .isGreaterThanOrEqualTo(purpose == Purpose.BUTTONHOLE ? 0.4 : 2.5);
    }

    @Test
    void paper_is_sewn_short_so_that_it_tears_off() {
        Job job = Job.sewing(
                        Stack.of(List.of(
                                new Layers(CLOTHS.get("quilting-cotton"), 2), new Layers(CLOTHS.get("paper"), 1))),
                        SewingThread.spunPolyester(25))
                .purpose(Purpose.PIECING)
                .build();

        StitchAdvice stitch = StitchAdvice.of(job, UNIVERSAL_80, false);

        assertThat(stitch.lengthMm()).isEqualTo(1.5);
        assertThat(stitch.note()).isEqualTo("Short, so that the paper tears off; keep this needle for paper.");
    }

    @Test
    void over_rubber_a_seam_goes_on_giving() {
        Job job = Job.sewing(
                        Stack.of(List.of(
                                new Layers(CLOTHS.get("poplin"), 1), new Layers(CLOTHS.get("elastic-woven"), 1))),
                        SewingThread.spunPolyester(25))
                .build();

        StitchAdvice stitch = StitchAdvice.of(job, UNIVERSAL_80, false);

        assertThat(stitch.kind()).isEqualTo(Kind.ZIGZAG);
        assertThat(stitch.widthMm()).isEqualTo(2.5);
        assertThat(stitch.note())
                .isEqualTo("Over elastic the seam has to go on giving: zigzag or three-step, sewn stretched.");
    }

    @Test
    void a_twin_sews_the_hem_of_a_knit_straight() {
        StitchAdvice stitch = StitchAdvice.of(job("single-jersey", Purpose.HEM).build(), UNIVERSAL_80, true);

        assertThat(stitch.kind()).isEqualTo(Kind.STRAIGHT);
        assertThat(stitch.widthMm()).isZero();
    }

    @Test
    void a_rolled_hem_is_sewn_by_loopers_where_there_are_loopers() {
        StitchAdvice stitch = stitch(job("chiffon", Purpose.ROLLED_HEM).machineKind(MachineKind.OVERLOCKER));

        assertThat(stitch.kind()).isEqualTo(Kind.OVERLOCK);
        assertThat(stitch.lengthMm()).isEqualTo(1.5);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "single-jersey, Differential 1.3 to 2",
        "chiffon,       Differential 0.7 to 0.9",
        "poplin,        Differential at 1."
    })
    void the_differential_goes_by_the_cloth(String cloth, String told) {
        assertThat(stitch(job(cloth, Purpose.OVERLOCK)).note()).contains(told);
    }

    @Test
    void a_width_that_was_asked_for_is_taken_where_the_needle_may_swing() {
        assertThat(stitch(job("poplin", Purpose.SEAM).stitchWidthMm(4)))
                .returns(Kind.ZIGZAG, StitchAdvice::kind)
                .returns(4.0, StitchAdvice::widthMm);
        assertThat(stitch(job("poplin", Purpose.SEAM).stitchWidthMm(4).plate(Plate.STRAIGHT))
                        .widthMm())
                .isZero();
    }

    @Test
    void over_a_round_hole_a_knit_is_sewn_straight_and_the_note_says_what_that_costs() {
        StitchAdvice stitch = stitch(job("single-jersey", Purpose.SEAM).plate(Plate.STRAIGHT));

        assertThat(stitch.kind()).isEqualTo(Kind.STRAIGHT);
        assertThat(stitch.note())
                .isEqualTo(
                        "The round hole of plate or foot leaves a straight stitch only, and it gives less: stretch the"
                                + " seam lightly as it passes.");
    }

    @Test
    void openwork_is_as_wide_as_clears_and_no_wider_than_five() {
        double nine = stitch(job("lawn", Purpose.OPENWORK).slotMm(9)).widthMm();
        double five = stitch(job("lawn", Purpose.OPENWORK).slotMm(5)).widthMm();

        assertThat(nine).isEqualTo(5);
        assertThat(five).isBetween(3.0, 4.2);
    }

    @Test
    void a_zigzag_of_a_knit_that_does_not_clear_is_sewn_straight() {
        StitchAdvice stitch = stitch(job("swim-knit", Purpose.SEAM).slotMm(2).offCentreMm(0));

        assertThat(stitch.widthMm()).isLessThanOrEqualTo(1.2);
    }
}
