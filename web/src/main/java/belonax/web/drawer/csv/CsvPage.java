package belonax.web.drawer.csv;

import belonax.BadInput;
import belonax.room.archive.Copies;
import belonax.room.archive.Copy;
import belonax.room.card.Card;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.web.drawer.DrawerPage;
import belonax.web.drawer.cloth.SwatchForm;
import belonax.web.drawer.packet.PacketForm;
import belonax.web.drawer.thread.SpoolForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Attached;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Cloths, spools and packets as CSV, out and in. */
@Controller
@AtStop(Stop.DRAWER)
class CsvPage {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final DrawerStore drawer;
    private final Copies copies;
    private final Layout layout;

    CsvPage(DrawerStore drawer, Copies copies, Layout layout) {
        this.copies = copies;
        this.drawer = drawer;
        this.layout = layout;
    }

    /** The kinds of tables. */
    enum Table {
        CLOTHS,
        SPOOLS,
        PACKETS
    }

    @GetMapping("/drawer/files/{table}.csv")
    ResponseEntity<byte[]> write(@PathVariable Table table) {
        String name = table.name().toLowerCase(java.util.Locale.ROOT) + ".csv";
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, Attached.toKeep(name))
                .body(text(table).getBytes(StandardCharsets.UTF_8));
    }

    @PostMapping("/drawer/files/{table}")
    String read(
            @PathVariable Table table,
            @RequestParam Optional<MultipartFile> file,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model)
            throws IOException {
        try {
            MultipartFile sent = file.filter(multipartFile -> !multipartFile.isEmpty())
                    .orElseThrow(() -> new BadInput("file", "Choose a CSV file first."));
            List<? extends Card> rows = cards(table, sent.getBytes());
            refuseTwice(rows);
            copies.make(Copy.Why.BEFORE_TABLE);
            DrawerPage.cameIn(next, drawer.addAll(rows));
            return "redirect:/drawer";
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            model.addAttribute("problems", refused.problems());
            return "files/page";
        }
    }

    /** The same file sent once more would put every thing into the drawer a second time. */
    private void refuseTwice(List<? extends Card> rows) {
        Set<Card> there = new HashSet<>();
        drawer.all(rows.get(0).getClass()).forEach(kept -> there.add(kept.card()));
        BadInput.unless(
                !there.containsAll(rows),
                "file",
                () -> "All that is in that file lies in the drawer already, row by row. Nothing was added.");
    }

    private List<? extends Card> cards(Table table, byte[] file) {
        return switch (table) {
            case CLOTHS -> CsvTables.swatches(units()).read(file, units());
            case SPOOLS -> CsvTables.spools(units()).read(file, units());
            case PACKETS -> CsvTables.packets().read(file, units());
        };
    }

    private String text(Table table) {
        return switch (table) {
            case CLOTHS ->
                CsvTables.swatches(units())
                        .write(drawer.all(Swatch.class).stream()
                                .map(kept -> SwatchForm.row(kept, units()))
                                .toList());
            case SPOOLS ->
                CsvTables.spools(units())
                        .write(drawer.all(Spool.class).stream()
                                .map(kept -> SpoolForm.row(kept.card(), units()))
                                .toList());
            case PACKETS ->
                CsvTables.packets()
                        .write(drawer.all(Packet.class).stream()
                                .map(kept -> PacketForm.row(kept.card()))
                                .toList());
        };
    }

    private Units units() {
        return layout.settings().units();
    }
}
