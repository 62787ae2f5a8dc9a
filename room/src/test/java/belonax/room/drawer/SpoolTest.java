package belonax.room.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.machine.BobbinMaterial;
import belonax.thread.Build;
import belonax.thread.Delivery;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.SnapResult;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Cards of the drawer: what a spool, a bobbin and a swatch tell the craft. */
class SpoolTest {
    private static Spool spool(
            @Nullable Double metres, @Nullable Integer year, Quality quality, boolean inSun, SnapResult snap) {
        return new Spool(
                "  plum ",
                "Tkt 120",
                25,
                Fibre.POLYESTER,
                Build.SPUN,
                metres,
                year,
                quality,
                inSun,
                Delivery.Winding.values()[0],
                null,
                null,
                snap,
                snap == SnapResult.NOT_TESTED ? null : LocalDate.of(2026, 3, 1),
                "");
    }

    private static Spool young() {
        return spool(200.0, 2020, Quality.UNKNOWN, true, SnapResult.NOT_TESTED);
    }

    @Test
    void a_thread_is_as_old_as_the_year_says_and_no_younger_than_new() {
        assertThat(young().thread(2026).ageYears()).hasValue(6);
        assertThat(young().thread(2010).ageYears()).hasValue(0);
        assertThat(spool(null, null, Quality.GOOD, false, SnapResult.NOT_TESTED)
                        .thread(2026)
                        .ageYears())
                .isEmpty();
    }

    @Test
    void a_passed_snap_test_makes_it_young_and_trusted_whatever_it_stood_in() {
        SewingThread before = young().thread(2026);
        SewingThread after =
                young().snapped(SnapResult.RESISTS, LocalDate.of(2026, 3, 1)).thread(2026);

        assertThat(before.quality()).isEqualTo(Quality.UNKNOWN);
        assertThat(before.keptInSun()).isTrue();
        assertThat(after.ageYears()).hasValue(0);
        assertThat(after.quality()).isEqualTo(Quality.GOOD);
        assertThat(after.keptInSun()).isFalse();
    }

    @ParameterizedTest(name = "{0} may be offered: {1}")
    @CsvSource({
        "NOT_TESTED, true",
        "RESISTS,    true",
        "FRAYS,      false",
        "PARTS_AT_ONCE, false",
        "SEVERAL_PLACES, false"
    })
    void a_thread_that_failed_is_offered_no_more(SnapResult snap, boolean sound) {
        assertThat(spool(100.0, 2020, Quality.GOOD, false, snap).isSound()).isEqualTo(sound);
    }

    @ParameterizedTest(name = "{0} m of {1}: {2}")
    @CsvSource(
            nullValues = "-",
            value = {
                "-1,     2020, A spool holds 0 to 100 000 metres.",
                "100001, 2020, A spool holds 0 to 100 000 metres.",
                "100,    1849, Type the year",
                "100,    2201, Type the year"
            })
    void what_cannot_be_is_refused(Double metres, Integer year, String told) {
        assertThatThrownBy(() -> spool(metres, year, Quality.GOOD, false, SnapResult.NOT_TESTED))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining(told);
    }

    @Test
    void a_colour_is_kept_without_blanks_and_another_spool_of_it_goes_on_where_this_ends() {
        Spool other = young().withMetresLeft(10);

        assertThat(young().colour()).isEqualTo("plum");
        assertThat(young().isLike(other)).isTrue();
        assertThat(other.metresLeft()).isEqualTo(10);
        assertThat(young().needleNote().isEmpty()).isTrue();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"clear plastic 15, PLASTIC", "metal class L, METAL", "class 15, "})
    void a_bobbins_words_tell_its_material_where_nobody_told_it(String words, BobbinMaterial material) {
        assertThat(new WoundBobbin(null, words, "", null, null).material()).isEqualTo(material);
        assertThat(new WoundBobbin(null, words, "", null, BobbinMaterial.METAL).material())
                .isEqualTo(BobbinMaterial.METAL);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.1, 501})
    void a_bobbin_holds_no_more_than_it_can(double metres) {
        assertThatThrownBy(() -> new WoundBobbin(new UUID(1, 1), "15", "", metres, null))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("A bobbin holds 0 to 500 metres.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"poplin", "elastic-woven", "batting-sandwich", "zip-tape", "swim-knit", "interfacing-light"})
    void a_card_of_an_old_version_that_equals_a_cloth_of_the_catalogue_is_that_cloth(String id) {
        Cloth cloth = ClothCatalogue.standard().get(id);

        SwatchNature nature = SwatchNature.of(
                cloth.structure(),
                cloth.weightGsm(),
                cloth.measuredMm().isPresent() ? cloth.measuredMm().getAsDouble() : null,
                cloth.toldStretchPercent().isPresent()
                        ? cloth.toldStretchPercent().getAsDouble()
                        : null,
                cloth.density(),
                cloth.traits());

        assertThat(nature.make()).isEqualTo(cloth.make());
        assertThat(nature.part()).isEqualTo(cloth.part());
        assertThat(nature.traits()).isEqualTo(cloth.traits());
    }
}
