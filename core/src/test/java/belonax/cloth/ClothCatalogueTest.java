package belonax.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClothCatalogueTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();

    @Test
    void holds_at_least_sixty_cloths_of_every_structure_from_sheer_to_very_heavy() {
        assertThat(CLOTHS.all()).hasSizeGreaterThanOrEqualTo(60);
        assertThat(CLOTHS.all().stream().map(Cloth::structure).collect(Collectors.toSet()))
                .isEqualTo(Set.of(Structure.values()));
        assertThat(CLOTHS.all().stream()
                        .map(cloth -> WeightClass.of(cloth.weightGsm()))
                        .collect(Collectors.toSet()))
                .isEqualTo(Set.of(WeightClass.values()));
        assertThat(CLOTHS.all()).allMatch(cloth -> cloth.note().endsWith("."));
    }

    @ParameterizedTest(name = "“{0}” finds {1} first")
    @CsvSource({
        "swim, swim-knit",
        "spandex, swim-knit",
        "net, tulle",
        "quilting, quilting-cotton",
        "denim heavy, denim-heavy",
        "coated sheer, ''",
        "kite, ripstop-nylon",
        "hide very heavy, leather-thin",
        "LAMÉ, lame"
    })
    void finds_by_name_and_by_nature(String words, String first) {
        List<Cloth> found = CLOTHS.search(words);

        assertThat(found.isEmpty() ? "" : found.get(0).id()).isEqualTo(first);
    }

    @Test
    void a_row_that_will_not_do_stops_the_start_with_its_line_and_the_remedy() {
        List<String> rows = List.of(
                "# comment",
                "silk|silk|WOVEN|60||0|NORMAL||CARRIES|ORDINARY|Snags.|",
                "tin|tin|METAL|60||0|NORMAL||CARRIES|ORDINARY|Cuts.|");

        assertThatThrownBy(() -> ClothCatalogue.read(rows))
                .hasMessageStartingWith("cloths.txt, line 3: ")
                .hasMessageContaining("Write: id | name | structure");
    }

    @ParameterizedTest(name = "{0} g/m² is {1}")
    @CsvSource({"59, SHEER", "60, LIGHT", "129, LIGHT", "130, MEDIUM", "240, HEAVY", "400, HEAVY", "401, VERY_HEAVY"})
    void weight_classes_begin_where_the_guide_has_them(double gsm, WeightClass expected) {
        assertThat(WeightClass.of(gsm)).isEqualTo(expected);
    }

    @Test
    void a_knit_whose_stretch_nobody_told_counts_as_35_percent() {
        Cloth knit = ClothCatalogue.read(List.of("k|k|KNIT|200||| NORMAL||CARRIES|ORDINARY|Curls.|"))
                .get("k");

        assertThat(knit.stretchPercent()).isEqualTo(35);
        assertThat(knit.thicknessMm()).isCloseTo(0.7, within(1e-9));
    }

    @Test
    void a_cloth_is_found_by_the_id_that_it_had_before() {
        assertThat(ClothCatalogue.standard().get("milliskin").id()).isEqualTo("dance-knit");
        assertThat(ClothCatalogue.standard().all()).extracting(Cloth::id).doesNotContain("milliskin");
    }
}
