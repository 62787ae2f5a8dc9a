package belonax.web.files;

import belonax.BadInput;
import belonax.room.archive.Archive;
import belonax.web.shared.AtStop;
import belonax.web.shared.Attached;
import belonax.web.shared.Stop;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Hands the whole sewing room out as one file, takes one in, or empties the room. */
@Controller
@AtStop(Stop.DRAWER)
class ArchivePage {
    private static final String EMPTY_WORD = "empty";

    private final Archive archive;
    private final Clock clock;

    ArchivePage(Archive archive, Clock clock) {
        this.archive = archive;
        this.clock = clock;
    }

    @GetMapping("/drawer/files")
    String show(@RequestParam(required = false) Optional<String> done, Model model) {
        model.addAttribute("done", done.orElse(null));
        return "files/page";
    }

    @GetMapping("/drawer/files/archive.zip")
    void write(HttpServletResponse response) throws IOException {
        String name = "belonax-" + LocalDate.now(clock) + ".zip";
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Attached.toKeep(name));
        archive.write(response.getOutputStream());
    }

    @PostMapping("/drawer/files/archive")
    String take(@RequestParam Optional<MultipartFile> archiveFile, HttpServletResponse response, Model model)
            throws IOException {
        Path sent = Files.createTempFile("belonax", ".archive");
        try {
            archiveFile
                    .filter(multipartFile -> !multipartFile.isEmpty())
                    .orElseThrow(() -> new BadInput("archive", "Choose the file that Belonax wrote."))
                    .transferTo(sent);
            return "redirect:/drawer/files?done=" + archive.replace(sent).name();
        } catch (BadInput refused) {
            return refused(refused, response, model);
        } finally {
            Files.deleteIfExists(sent);
        }
    }

    @PostMapping("/drawer/files/empty")
    String empty(@RequestParam(defaultValue = "") String word, HttpServletResponse response, Model model) {
        if (!word.strip().equalsIgnoreCase(EMPTY_WORD)) {
            return refused(
                    new BadInput("word", "Type the word “empty” to take everything out. Nothing was changed."),
                    response,
                    model);
        }
        return "redirect:/drawer/files?done=" + archive.empty().name();
    }

    private static String refused(BadInput refused, HttpServletResponse response, Model model) {
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        model.addAttribute("problems", refused.problems());
        return "files/page";
    }
}
