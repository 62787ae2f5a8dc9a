package belonax.web.settings;

import belonax.BadInput;
import belonax.hazard.SizeSchool;
import belonax.life.RetirementSchool;
import belonax.room.Choice;
import belonax.room.settings.Light;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import belonax.room.settings.Units;
import belonax.web.shared.Closing;
import belonax.web.shared.pairing.AccessPolicy;
import belonax.web.shared.pairing.Lan;
import belonax.web.shared.pairing.Pairing;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the sewist chose, on one short page. */
@Controller
class SettingsPage {
    private final SettingsStore store;
    private final Lan lan;
    private final Pairing pairing;
    private final Closing closing;
    private final Clock clock;

    SettingsPage(SettingsStore store, Lan lan, Pairing pairing, Closing closing, Clock clock) {
        this.closing = closing;
        this.store = store;
        this.lan = lan;
        this.pairing = pairing;
        this.clock = clock;
    }

    @GetMapping("/settings")
    String show(@RequestParam(required = false) Optional<String> kept, HttpServletRequest request, Model model) {
        model.addAttribute("chosen", store.now());
        model.addAttribute("kept", kept.isPresent());
        model.addAttribute("installed", closing.isInstalled() && AccessPolicy.isAtTheComputer(request));
        model.addAttribute("unitChoices", Choice.of(Units.values(), Units::words));
        model.addAttribute("lightChoices", Choice.of(Light.values(), Light::words));
        model.addAttribute(
                "retirementChoices",
                Choice.of(RetirementSchool.values(), school -> school.words() + ": " + school.why()));
        model.addAttribute("schoolChoices", Choice.of(SizeSchool.values(), SizeSchool::words));
        model.addAttribute(
                "devices",
                DevicesView.of(
                        lan.address().map(text -> "http://" + text + ":" + request.getLocalPort()),
                        code(request),
                        pairing.devices(),
                        clock.getZone()));
        return "settings/page";
    }

    private Optional<String> code(HttpServletRequest request) {
        return lan.address().isPresent() && AccessPolicy.isAtTheComputer(request) ? pairing.code() : Optional.empty();
    }

    /** An installed Belonax has no console to stop it at. */
    @PostMapping("/settings/stop")
    String stop(HttpServletRequest request, Model model) {
        BadInput.unless(
                AccessPolicy.isAtTheComputer(request),
                "device",
                () -> "Belonax is stopped at the computer on which it runs, not from another device.");
        closing.stopSoon();
        return "settings/stopped";
    }

    @PostMapping("/settings")
    String keep(
            @RequestParam Units units,
            @RequestParam Light light,
            @RequestParam(defaultValue = "false") boolean largerText,
            @RequestParam SizeSchool sizeSchool,
            @RequestParam(defaultValue = "WORKED_OUT") RetirementSchool retirement) {
        store.keep(new Settings(units, light, largerText, sizeSchool, retirement));
        return "redirect:/settings?kept";
    }
}
