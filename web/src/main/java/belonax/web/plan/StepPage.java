package belonax.web.plan;

import belonax.room.card.Kept;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectBook;
import belonax.room.plan.ProjectStep;
import belonax.web.shared.AtStop;
import belonax.web.shared.Layout;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.form.Problems;
import belonax.web.shared.sentence.Sentences;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** One step of a project: the sentence of all stops, the seam's length, and what comes before it. */
@Controller
@AtStop(Stop.PLAN)
class StepPage {
    private static final String PAGE = "plan/step";

    private final ProjectBook projects;
    private final Sentences sentences;
    private final StepFiles files;
    private final SewingRoom room;
    private final Layout layout;

    StepPage(ProjectBook projects, Sentences sentences, StepFiles files, SewingRoom room, Layout layout) {
        this.projects = projects;
        this.sentences = sentences;
        this.files = files;
        this.room = room;
        this.layout = layout;
    }

    @GetMapping("/plan/{id}/step")
    String ask(
            @PathVariable UUID id, @OnTheTable Optional<MachineNow> machine, HttpServletRequest request, Model model) {
        Optional<Kept<Project>> kept = projects.find(id);
        if (kept.isEmpty() || machine.isEmpty()) {
            return kept.isEmpty() ? "redirect:/plan" : "redirect:/welcome";
        }
        FormPage.show(model, StepForm.empty());
        return show(kept.get(), Optional.empty(), machine.get(), request, model);
    }

    @PostMapping("/plan/{id}/step")
    String add(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "false") boolean more,
            @Validated @ModelAttribute("form") StepForm form,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<Kept<Project>> kept = projects.find(id);
        if (kept.isEmpty() || machine.isEmpty()) {
            return "redirect:/plan";
        }
        Optional<UUID> change = Problems.read(
                errors, () -> projects.add(id, form.step(machine.get(), sentences.work(request, machine))));
        if (change.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return show(kept.get(), Optional.empty(), machine.get(), request, model);
        }
        return more
                ? "redirect:" + at(id, "step", sentences.work(request, machine), machine.get())
                : "redirect:/plan/" + id + "?done=" + change.get();
    }

    /** Takes the steps of a file, all of them or none. */
    @PostMapping("/plan/{id}/steps")
    String addAll(
            @PathVariable UUID id, @RequestParam Optional<MultipartFile> file, @OnTheTable Optional<MachineNow> machine)
            throws IOException {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        byte[] sent = file.isPresent() ? file.get().getBytes() : new byte[0];
        return "redirect:/plan/" + id + "?done=" + projects.addAll(id, files.read(sent, machine.get()));
    }

    /** Shows a step as it was told: its sentence stands in the address, as on every page that speaks of work. */
    @GetMapping("/plan/{id}/step/{step}")
    String askAgain(
            @PathVariable UUID id,
            @PathVariable String step,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            Model model) {
        Optional<Kept<Project>> kept = projects.find(id);
        Optional<ProjectStep> told = kept.flatMap(otherKept -> otherKept.card().find(step));
        if (kept.isEmpty() || told.isEmpty()) {
            return "redirect:/plan";
        }
        if (request.getParameterMap().isEmpty()) {
            Optional<MachineNow> its = room.find(told.get().machineId());
            if (its.isPresent()) {
                return "redirect:" + at(id, "step/" + step, told.get().work(), its.get());
            }
        }
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        FormPage.show(model, StepForm.of(told.get()));
        return show(kept.get(), told, machine.get(), request, model);
    }

    @PostMapping("/plan/{id}/step/{step}")
    String tell(
            @PathVariable UUID id,
            @PathVariable String step,
            @RequestParam int revision,
            @Validated @ModelAttribute("form") StepForm form,
            BindingResult errors,
            @OnTheTable Optional<MachineNow> machine,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<Kept<Project>> kept = projects.find(id);
        if (kept.isEmpty() || machine.isEmpty()) {
            return "redirect:/plan";
        }
        Optional<UUID> change = Problems.read(
                errors,
                () -> projects.tell(id, revision, step, form.step(machine.get(), sentences.work(request, machine))));
        if (change.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return show(kept.get(), kept.get().card().find(step), machine.get(), request, model);
        }
        return "redirect:/plan/" + id + "?done=" + change.get();
    }

    private String at(UUID id, String page, TableWork work, MachineNow machine) {
        return sentences.again(work, Optional.of(machine)).sentence().at("/plan/" + id + "/" + page);
    }

    private String show(
            Kept<Project> kept,
            Optional<ProjectStep> told,
            MachineNow machine,
            HttpServletRequest request,
            Model model) {
        layout.show(model, machine);
        String path = "/plan/" + kept.id() + "/step"
                + told.map(projectStep -> "/" + projectStep.id()).orElse("");
        sentences.show(model, Optional.of(machine), path, request);
        model.addAttribute("project", kept.card());
        model.addAttribute("id", kept.id());
        model.addAttribute("revision", kept.revision());
        model.addAttribute("path", path);
        model.addAttribute("step", told.orElse(null));
        model.addAttribute(
                "others",
                kept.card().steps().stream()
                        .filter(projectStep -> told.isEmpty()
                                || !projectStep.id().equals(told.get().id()))
                        .toList());
        return PAGE;
    }
}
