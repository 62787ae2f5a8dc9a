package belonax.needle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class NeedleTest {
    @ParameterizedTest
    @EnumSource(NeedleSize.class)
    void a_size_reads_back_what_it_prints(NeedleSize size) {
        assertThat(NeedleSize.parse(size.toString())).isEqualTo(size);
        assertThat(NeedleSize.ofNm(size.nm())).isEqualTo(size);
        assertThat(NeedleSize.stepOf(size.nm())).isCloseTo(size.step(), within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(NeedleSystem.class)
    void a_system_is_found_by_its_name_and_by_each_synonym(NeedleSystem system) {
        assertThat(NeedleSystem.of(system.label())).isEqualTo(system);
        assertThat(system.synonyms())
                .allSatisfy(text -> assertThat(NeedleSystem.of(text)).isEqualTo(system));
    }

    @Test
    void the_label_is_the_packets() {
        Needle stretch = Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75);
        Needle twin = new Needle(
                NeedleSystem.H_130_705,
                NeedleType.TWIN,
                NeedleSize.NM_75,
                Optional.of(new Twin(4, NeedleType.STRETCH)));

        assertThat(stretch.label()).isEqualTo("130/705 H-S 75/11");
        assertThat(stretch.words()).isEqualTo("stretch 75/11");
        assertThat(twin.label()).isEqualTo("130/705 H-S ZWI 4.0/75");
        assertThat(twin.words()).isEqualTo("stretch twin 4 mm, 75/11");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"TWIN, 4, 0;4", "TRIPLE, 3, 0;1.5;3"})
    void the_needles_on_a_shank_stand_evenly_within_the_spacing(NeedleType type, double spacing, String stand) {
        Needle needle =
                Needle.of(NeedleSystem.H_130_705, type, 80, Optional.of(spacing), Optional.of(NeedleType.UNIVERSAL));

        assertThat(needle.standMm())
                .containsExactly(
                        Stream.of(stand.split(";")).map(Double::valueOf).toArray(Double[]::new));
        assertThat(Needle.of(NeedleSystem.H_130_705, NeedleType.JEANS, NeedleSize.NM_90)
                        .standMm())
                .containsExactly(0.0);
    }

    @ParameterizedTest(name = "{0} in {1} sizes from {2} to {3}")
    @CsvSource({
        "UNIVERSAL, 9, 60, 120",
        "JERSEY, 5, 70, 100",
        "STRETCH, 3, 65, 90",
        "SHARP, 8, 60, 110",
        "JEANS, 7, 70, 120",
        "QUILTING, 2, 75, 90",
        "EMBROIDERY, 2, 75, 90",
        "METALLIC, 5, 70, 100",
        "TOPSTITCH, 4, 80, 110",
        "LEATHER, 7, 70, 120",
        "WING, 3, 100, 120",
        "TWIN, 5, 70, 100",
        "TRIPLE, 2, 80, 90",
        "SELF_THREADING, 2, 80, 90"
    })
    void the_range_holds_the_sizes_that_are_made(NeedleType type, int count, int from, int to) {
        var sizes = NeedleRange.standard().sizesOf(type);

        assertThat(sizes).hasSize(count);
        assertThat(sizes.get(0).nm()).isEqualTo(from);
        assertThat(sizes.get(count - 1).nm()).isEqualTo(to);
    }

    @ParameterizedTest
    @EnumSource(NeedleSystem.class)
    void every_needle_is_drawn_to_scale(NeedleSystem system) {
        for (Needle needle : NeedleRange.standard().of(system)) {
            NeedleOutline outline = NeedleOutline.of(needle);
            double eyeTopMm = outline.eye().yMm();

            double widthAtEye = outline.front().stream()
                    .filter(place ->
                            Math.abs(place.yMm() - eyeTopMm - outline.eye().heightMm()) < 0.5)
                    .mapToDouble(place -> 2 * Math.abs(place.xMm()))
                    .max()
                    .orElse(0);
            assertThat(widthAtEye).as(needle + " blade").isCloseTo(needle.size().bladeMm(), within(0.011));
            assertThat(outline.tipMm())
                    .as(needle + " tip")
                    .isCloseTo(
                            outline.front().stream()
                                    .mapToDouble(NeedleOutline.Place::yMm)
                                    .max()
                                    .orElse(0),
                            within(0.001));
            assertThat(outline.side().stream()
                            .mapToDouble(NeedleOutline.Place::xMm)
                            .max()
                            .orElse(9))
                    .as(needle + " stays inside its shank or blade")
                    .isLessThanOrEqualTo(1.03);
        }
    }
}
