package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which of the spools in a drawer suits, and what is said of each. */
class SpoolRankTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();

    private static SewingThread thread(Fibre fibre, Build build, double tex) {
        return SewingThread.spunPolyester(tex).of(fibre, build);
    }

    private static List<SpoolRank> rank(String cloth, String called, Purpose purpose, SpoolRank.Spool... spools) {
        Cloth otherCloth = CLOTHS.get(cloth);
        Job job = Job.sewing(Stack.of(otherCloth, 2), SewingThread.spunPolyester(25))
                .purpose(purpose)
                .build();
        return SpoolRank.rank(job, called, List.of(spools));
    }

    private static SpoolRank.Spool polyester(double tex, String colour) {
        return new SpoolRank.Spool(SewingThread.spunPolyester(tex), colour);
    }

    private static SpoolRank.Spool cotton(double tex, String colour) {
        return new SpoolRank.Spool(thread(Fibre.COTTON, Build.SPUN, tex), colour);
    }

    private static SpoolRank.Spool rayon(String colour) {
        return new SpoolRank.Spool(thread(Fibre.RAYON, Build.FILAMENT, 27), colour);
    }

    @Test
    void cotton_goes_last_where_the_cloth_gives_and_says_why() {
        List<SpoolRank> ranked =
                rank("swim-knit", "swim knit", Purpose.SEAM, cotton(25, "white"), polyester(25, "red"));

        assertThat(ranked.get(0).spool()).isEqualTo(1);
        assertThat(ranked.get(0).why()).startsWith("gives with the cloth");
        assertThat(ranked.get(1))
                .isEqualTo(new SpoolRank(0, false, "cotton does not give with this cloth: the seam pops"));
    }

    @ParameterizedTest(name = "{0} in {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "TOPSTITCH  | denim-mid       | thick, made to be seen",
                "SEAM       | poplin          | thick for this cloth: for lines that are seen",
                "DECORATIVE | quilting-cotton | ''"
            })
    void a_thick_thread_is_for_lines_that_are_seen(Purpose purpose, String cloth, String why) {
        SpoolRank thick = rank(cloth, cloth, purpose, polyester(100, "")).get(0);

        assertThat(thick.why()).isEqualTo(why);
        assertThat(thick.suits()).isEqualTo(!why.startsWith("thick for"));
    }

    @ParameterizedTest(name = "tex {1} in {0}: {2}")
    @CsvSource({
        "chiffon,   25, true",
        "chiffon,   30, false",
        "poplin,    40, true",
        "poplin,    60, false",
        "denim-mid, 80, true",
        "denim-mid, 105, false"
    })
    void a_seam_hides_a_thread_up_to_a_thickness_that_grows_with_the_cloth(String cloth, double tex, boolean suits) {
        assertThat(rank(cloth, cloth, Purpose.SEAM, polyester(tex, "")).get(0).suits())
                .isEqualTo(suits);
    }

    @Test
    void rayon_is_for_embroidery_and_not_for_a_seam_that_is_worn() {
        assertThat(rank("poplin", "poplin", Purpose.SEAM, rayon("gold")).get(0))
                .isEqualTo(new SpoolRank(0, false, "rayon is weak when it is wet: for embroidery, not for a seam"));
        List<SpoolRank> embroidery = rank("poplin", "poplin", Purpose.EMBROIDERY, polyester(25, "gold"), rayon("gold"));
        assertThat(embroidery.get(0).spool()).isEqualTo(1);
        assertThat(embroidery.get(0).why()).contains("bright, made for it");
    }

    @Test
    void a_very_fine_thread_holds_no_seam() {
        assertThat(rank("lawn", "lawn", Purpose.SEAM, polyester(12, "white")).get(0))
                .isEqualTo(new SpoolRank(0, false, "too fine to hold a seam"));
    }

    @Test
    void piecing_is_customarily_sewn_with_cotton() {
        assertThat(rank("quilting-cotton", "quilting cotton", Purpose.PIECING, cotton(20, "white"))
                        .get(0)
                        .why())
                .contains("cotton is customary for piecing");
    }

    @Test
    void plain_cloth_takes_a_shade_lighter_and_a_print_a_shade_darker() {
        SpoolRank.Spool light = polyester(25, "light red");
        SpoolRank.Spool dark = polyester(25, "dark red");
        List<SpoolRank> plain = rank("poplin", "pink poplin", Purpose.SEAM, dark, light);
        List<SpoolRank> deep =
                rank("poplin", "navy poplin", Purpose.SEAM, polyester(25, "white"), polyester(25, "navy"));

        assertThat(plain).extracting(SpoolRank::why).doesNotContain("");
        assertThat(deep.get(0).spool()).isEqualTo(1);
        assertThat(deep.get(0).why()).isEqualTo("the cloth's own colour");
        assertThat(deep.get(1).why()).isEqualTo("a contrast");
    }

    @Test
    void without_a_colour_nothing_is_said_of_shade() {
        assertThat(rank("poplin", "poplin", Purpose.SEAM, polyester(25, ""))
                        .get(0)
                        .why())
                .isEmpty();
    }
}
