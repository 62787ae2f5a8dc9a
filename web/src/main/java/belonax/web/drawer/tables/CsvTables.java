package belonax.web.drawer.tables;

import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.web.drawer.cloth.SwatchForm;
import belonax.web.drawer.packet.PacketForm;
import belonax.web.drawer.thread.SpoolForm;
import java.util.List;
import java.util.Optional;

/** The tables that go out and come in as CSV. Their columns are told in docs/files.md; measures bear their unit. */
final class CsvTables {
    private CsvTables() {}

    static CsvTable<SwatchForm, Swatch> swatches(Units units) {
        boolean metric = units == Units.METRIC;
        return new CsvTable<>(
                CsvTable.columns(
                        "name",
                        "name",
                        "structure",
                        "structure",
                        metric ? "weight_gsm" : "weight_oz_yd2",
                        "weight",
                        metric ? "thickness_mm" : "thickness_in",
                        "thickness",
                        "stretch_percent",
                        "stretch",
                        "recovery_percent",
                        "recovery",
                        "density",
                        "density",
                        "traits",
                        "traits",
                        metric ? "left_m" : "left_yd",
                        "metres",
                        "note",
                        "note"),
                SwatchForm.class,
                (form, in) -> form.swatch(in, false),
                List.of("traits"));
    }

    static CsvTable<SpoolForm, Spool> spools(Units units) {
        boolean metric = units == Units.METRIC;
        return new CsvTable<>(
                CsvTable.columns(
                        "colour",
                        "colour",
                        "label",
                        "label",
                        "tex",
                        "tex",
                        "fibre",
                        "fibre",
                        "build",
                        "build",
                        metric ? "left_m" : "left_yd",
                        "metresLeft",
                        "bought_year",
                        "boughtYear",
                        "quality",
                        "quality",
                        "kept_in_sun",
                        "keptInSun",
                        "winding",
                        "winding",
                        "needle_type",
                        "noteType",
                        "needle_nm",
                        "noteNm",
                        "note",
                        "note"),
                SpoolForm.class,
                (form, in) -> form.spool(in, Optional.empty()),
                List.of());
    }

    static CsvTable<PacketForm, Packet> packets() {
        return new CsvTable<>(
                CsvTable.columns(
                        "system", "system",
                        "type", "type",
                        "nm", "nm",
                        "spacing_mm", "spacing",
                        "point", "point",
                        "count", "count",
                        "coated", "coated",
                        "note", "note",
                        "letters", "letters",
                        "rough", "rough"),
                PacketForm.class,
                (form, in) -> form.packet(),
                List.of());
    }
}
