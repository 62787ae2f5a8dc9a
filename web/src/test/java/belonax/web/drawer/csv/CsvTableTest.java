package belonax.web.drawer.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.cloth.ClothCatalogue;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.thread.SnapResult;
import belonax.web.drawer.cloth.SwatchForm;
import belonax.web.drawer.thread.SpoolForm;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTableTest {
    @ParameterizedTest
    @EnumSource(Units.class)
    void what_is_written_is_read_back(Units units) {
        List<Swatch> swatches = ClothCatalogue.standard().all().stream()
                .map(cloth -> Swatch.of(cloth, cloth.name() + ", \"best\""))
                .toList();

        String csv = CsvTables.swatches(units)
                .write(swatches.stream()
                        .map(swatch -> SwatchForm.row(new Kept<>(new UUID(1, 1), 0, swatch), units))
                        .toList());
        List<Swatch> read = CsvTables.swatches(units).read(bytes(csv), units);

        assertThat(read).hasSameSizeAs(swatches);
        for (int i = 0; i < read.size(); i++) {
            assertThat(read.get(i).name()).isEqualTo(swatches.get(i).name());
            assertThat(read.get(i).traits()).isEqualTo(swatches.get(i).traits());
            assertThat(read.get(i).weightGsm())
                    .isCloseTo(swatches.get(i).weightGsm(), org.assertj.core.api.Assertions.within(2.0));
        }
    }

    @Test
    void a_cell_that_a_spreadsheet_would_run_is_made_harmless_and_read_back_as_it_was() {
        Swatch odd = Swatch.of(ClothCatalogue.standard().get("poplin"), "=HYPERLINK(\"x\")");
        Kept<Swatch> kept = new Kept<>(new UUID(1, 1), 0, odd);

        String csv = CsvTables.swatches(Units.METRIC).write(List.of(SwatchForm.row(kept, Units.METRIC)));

        assertThat(csv).contains("'=HYPERLINK").doesNotContain("\n=HYPERLINK").doesNotContain("\"=HYPERLINK");
        assertThat(CsvTables.swatches(Units.METRIC).read(bytes(csv), Units.METRIC))
                .extracting(Swatch::name)
                .containsExactly("=HYPERLINK(\"x\")");
    }

    @Test
    void every_row_that_will_not_do_is_named_and_none_is_taken() {
        String csv = """
                system,type,nm,count
                130/705 H,STRETCH,75,5
                130/705 H,STRETCH,81,5
                130/705 H,SPOON,80,x
                """;

        assertThatThrownBy(() -> CsvTables.packets().read(bytes(csv), Units.METRIC))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("Row 3")
                .hasMessageContaining("No needle is made in size 81")
                .hasMessageContaining("Row 4, type: “SPOON” is not one of the choices")
                .hasMessageContaining("Row 4, count: “x” is not a number");
    }

    @Test
    void a_packet_is_told_by_the_trades_names() {
        String csv = "\uFEFF" + """
                system,type,nm,spacing_mm,point,count,coated,note
                HAx1SP,STRETCH,90,,,8,true,Sparrow
                130/705 H,TWIN,75,4.0,STRETCH,2,,
                """;

        assertThat(CsvTables.packets().read(bytes(csv), Units.METRIC))
                .extracting(Packet::words)
                .containsExactly("stretch 90/14", "stretch twin 4 mm, 75/11");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            colour;tex;left_m\\nred;25;200         | parted by semicolons
            colour,tex,tex\\nred,25,25             | names “tex” twice
            colour,tex\\nred,25,200                | Row 2 has more cells than the first line has names
            colour,tex,left_m\\nred,25,"1,200"     | “1,200” can be read as 1200 or as 1.200
            colour,tex,snap_test\\nred,25,PERHAPS  | “PERHAPS” is not one of the choices
            colour,tex,snap_test,snapped_on\\nred,25,RESISTS,yesterday | “yesterday” is no day
            """, quoteCharacter = '^')
    void what_a_spreadsheet_makes_of_a_table_is_told_instead_of_guessed_at(String file, String why) {
        assertThatThrownBy(() -> CsvTables.spools(Units.METRIC).read(bytes(file.replace("\\n", "\n")), Units.METRIC))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining(why);
    }

    @Test
    void the_snap_test_goes_along_with_a_spool() {
        Spool red = CsvTables.spools(Units.METRIC)
                .read(bytes("colour,tex\nred,25\n"), Units.METRIC)
                .get(0)
                .snapped(SnapResult.RESISTS, LocalDate.of(2026, 11, 27));

        String csv = CsvTables.spools(Units.METRIC).write(List.of(SpoolForm.row(red, Units.METRIC)));

        assertThat(CsvTables.spools(Units.METRIC).read(bytes(csv), Units.METRIC))
                .containsExactly(red);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "\n\n",
                "system,type,nm,count\n",
                "colour;tex\nred;25\n",
                "system,system\n",
                "name\n\"open",
                "\u0000\u0001",
                "{\"belonax\":\"archive\"}",
                "%PDF-1.7",
                "system,type,nm,count,=1+1\n"
            })
    void a_file_that_is_no_such_table_is_refused_with_a_sentence(String file) {
        assertThatThrownBy(() -> CsvTables.packets().read(bytes(file), Units.METRIC))
                .isInstanceOf(BadInput.class)
                .hasMessageEndingWith(".");
    }

    @Test
    void a_file_in_another_encoding_or_too_large_is_refused_with_a_sentence() {
        assertThatThrownBy(() -> CsvTables.packets().read(new byte[] {(byte) 0xE9, (byte) 0xFF}, Units.METRIC))
                .hasMessageContaining("UTF-8");
        assertThatThrownBy(() -> CsvTables.packets().read(new byte[3 << 20], Units.METRIC))
                .hasMessageContaining("larger than 2 MB");
        assertThatThrownBy(() -> CsvTables.packets()
                        .read(bytes("system,type,nm,count\n" + "130/705 H,STRETCH,75,5\n".repeat(2001)), Units.METRIC))
                .hasMessageContaining("more than 2000 rows");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
