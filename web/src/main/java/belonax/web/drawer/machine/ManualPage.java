package belonax.web.drawer.machine;

import belonax.BadInput;
import belonax.room.machine.Manual;
import belonax.room.machine.ManualFiles;
import belonax.room.machine.ManualShelf;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.web.drawer.KeptForm;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.multipart.MultipartFile;

/** A machine's manual: a link to it, and its pages by name. */
@Controller
@AtStop(Stop.DRAWER)
class ManualPage {
    private static final String PAGE = "drawer/machine/manual";

    private final ManualShelf manuals;
    private final ManualFiles files;
    private final SewingRoom room;
    private final Layout layout;

    ManualPage(ManualShelf manuals, ManualFiles files, SewingRoom room, Layout layout) {
        this.manuals = manuals;
        this.files = files;
        this.room = room;
        this.layout = layout;
    }

    /**
     * The manual as it is typed, a page a line.
     *
     * @param file its PDF; empty where the one that was kept stays
     * @param without whether the PDF that was kept goes
     */
    public record Form(
            @Nullable String link,
            @Nullable String pages,
            @Nullable MultipartFile file,
            @Nullable Boolean without) {
        static Form of(Manual manual) {
            return new Form(
                    manual.link(),
                    manual.pages().stream()
                            .map(namedPage -> namedPage.about() + " " + namedPage.page())
                            .collect(Collectors.joining("\n")),
                    null,
                    null);
        }

        private boolean sendsFile() {
            return file != null && !file.isEmpty();
        }

        Manual manual(String machineId, @Nullable UUID pdf) {
            return Manual.typed(
                    machineId, Objects.requireNonNullElse(link, ""), Objects.requireNonNullElse(pages, ""), pdf);
        }
    }

    @GetMapping("/drawer/machine/{id}/manual")
    String ask(@PathVariable String id, Model model) {
        FormPage.show(model, manuals.of(id).map(Form::of).orElse(new Form("", "", null, null)));
        return show(id, model);
    }

    @PostMapping("/drawer/machine/{id}/manual")
    String keep(
            @PathVariable String id,
            @Validated @ModelAttribute("form") Form form,
            BindingResult errors,
            HttpServletResponse response,
            Model model) {
        show(id, model);
        return KeptForm.leads(Problems.read(errors, () -> List.of(keep(id, form))), PAGE, response);
    }

    /** A line that will not do is told before a file of many megabytes is stored. */
    private UUID keep(String id, Form form) {
        UUID before = manuals.of(id).map(Manual::file).orElse(null);
        Manual typed = form.manual(id, Boolean.TRUE.equals(form.without()) ? null : before);
        return manuals.keep(form.sendsFile() ? form.manual(id, files.keep(sent(form))) : typed);
    }

    private static byte[] sent(Form form) {
        MultipartFile file = Objects.requireNonNull(form.file());
        BadInput.unless(
                file.getSize() <= ManualFiles.MAX_BYTES,
                "file",
                () -> "That PDF is larger than 20 MB. Keep a link to it.");
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw new BadInput("file", "That PDF did not arrive whole. Send it once more.");
        }
    }

    /** The PDF itself, which the browser shows. */
    @GetMapping("/drawer/machine/{id}/manual.pdf")
    ResponseEntity<Resource> file(@PathVariable String id) {
        return manuals.of(id)
                .flatMap(manual -> Optional.ofNullable(manual.file()))
                .flatMap(files::find)
                .map(path -> ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_PDF)
                        .<Resource>body(new FileSystemResource(path)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private String show(String id, Model model) {
        MachineNow machine = room.get(id);
        layout.show(model, machine);
        model.addAttribute("called", machine.machine().name());
        model.addAttribute("lies", machine.card().manualPlace());
        model.addAttribute("kept", manuals.of(id).map(Manual::file).isPresent());
        return PAGE;
    }
}
