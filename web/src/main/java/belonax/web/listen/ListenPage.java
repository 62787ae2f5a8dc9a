package belonax.web.listen;

import belonax.room.needle.MachineNow;
import belonax.room.sound.SoundLog;
import belonax.web.shared.AtStop;
import belonax.web.shared.Attached;
import belonax.web.shared.OnTheTable;
import belonax.web.shared.Stop;
import belonax.web.shared.form.FlashMessage;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Does the machine run, how fast, and does it sound as it did? */
@Controller
@AtStop(Stop.BENCH)
class ListenPage {
    private final ListenDesk desk;
    private final SoundLog sounds;

    ListenPage(ListenDesk desk, SoundLog sounds) {
        this.desk = desk;
        this.sounds = sounds;
    }

    /** Tells how it listens, what it cannot tell, and what was heard of this machine. */
    @GetMapping("/listen")
    String page(@RequestParam Optional<Scene> tried, @OnTheTable Optional<MachineNow> machine, Model model) {
        if (machine.isEmpty()) {
            return "redirect:/welcome";
        }
        ear(machine.get(), model);
        model.addAttribute("known", KnownView.of(sounds.known(machine.get())));
        model.addAttribute("scenes", Scene.values());
        model.addAttribute("tried", tried.map(Scene::words).orElse(""));
        model.addAttribute("simulated", ResultView.of(tried.map(desk::simulated).orElse(null)));
        return "listen/page";
    }

    /** The ear alone, for the sewing view. */
    @GetMapping("/listen/ear")
    String ear(@OnTheTable Optional<MachineNow> machine, Model model) {
        machine.ifPresent(machineNow -> ear(machineNow, model));
        return "listen/ear :: ear";
    }

    private void ear(MachineNow machine, Model model) {
        model.addAttribute("machineId", machine.id());
        model.addAttribute("machineName", machine.machine().name());
        model.addAttribute("cannot", sounds.whyNotHeard(machine).orElse(""));
        model.addAttribute("result", ResultView.of(desk.newest(machine.id()).orElse(null)));
    }

    @PostMapping("/listen/{id}/count")
    String count(@PathVariable UUID id, RedirectAttributes to) {
        to.addAttribute("done", desk.count(id));
        return "redirect:/sewing";
    }

    @PostMapping("/listen/{id}/away")
    String throwAway(@PathVariable UUID id, RedirectAttributes to) {
        desk.throwAway(id, true);
        FlashMessage.next(to, "Thrown away; nothing was counted.");
        return "redirect:/sewing";
    }

    @PostMapping("/listen/{id}/back")
    String bringBack(@PathVariable UUID id) {
        desk.throwAway(id, false);
        return "redirect:/sewing";
    }

    /** A recording of a machine that is not there. */
    @GetMapping("/listen/simulated.wav")
    ResponseEntity<byte[]> recording(@RequestParam(defaultValue = "SEAMS") Scene scene) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, "audio/wav")
                .header(HttpHeaders.CONTENT_DISPOSITION, Attached.toKeep("simulated-machine.wav"))
                .body(Recording.of(scene));
    }
}
