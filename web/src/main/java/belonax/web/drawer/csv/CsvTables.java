package belonax.web.drawer.csv;

import belonax.BadInput;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.thread.SnapResult;
import belonax.web.drawer.cloth.SwatchForm;
import belonax.web.drawer.packet.PacketForm;
import belonax.web.drawer.thread.SpoolForm;
import belonax.web.shared.form.Parsed;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

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
                (form, any, in) -> form.swatch(in, false),
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
                        "note",
                        "snap_test",
                        "snap",
                        "snapped_on",
                        "snappedOn"),
                SpoolForm.class,
                (form, row, in) -> snapped(form.spool(in, Optional.empty()), row),
                List.of());
    }

    /** The snap test is told by a page of its own, so a spool's form has no entry for it. */
    private static Spool snapped(Spool spool, Map<String, String> row) {
        String snap = row.getOrDefault("snap", "").strip();
        if (snap.isEmpty()) {
            return spool;
        }
        return spool.snapped(
                Parsed.word("snap", SnapResult.class, snap),
                day(row.getOrDefault("snappedOn", "").strip()));
    }

    private static @Nullable LocalDate day(String text) {
        try {
            return text.isEmpty() ? null : LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw new BadInput("snappedOn", "“" + text + "” is no day. Write it as 2026-11-27.");
        }
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
                (form, any, in) -> form.packet(),
                List.of());
    }
}
