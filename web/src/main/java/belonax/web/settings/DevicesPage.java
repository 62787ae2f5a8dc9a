package belonax.web.settings;

import belonax.BadInput;
import belonax.room.settings.SettingsStore;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import belonax.web.shared.pairing.PairedDevicesOnly;
import belonax.web.shared.pairing.Pairing;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Pairs a device with the code, makes new codes, sends devices away. */
@Controller
class DevicesPage {
    private static final Duration YEAR = Duration.ofDays(365);

    private final Pairing pairing;
    private final SettingsStore settings;

    DevicesPage(Pairing pairing, SettingsStore settings) {
        this.pairing = pairing;
        this.settings = settings;
    }

    @GetMapping("/pair")
    String ask(@RequestParam MultiValueMap<String, String> typed, Model model) {
        FormPage.show(model, new Entries(typed).shown());
        model.addAttribute("settings", settings.now());
        return "settings/pair";
    }

    @PostMapping("/pair")
    String pair(@RequestParam MultiValueMap<String, String> typed, HttpServletResponse response, Model model) {
        Entries entries = new Entries(typed);
        try {
            String token = pairing.pair(entries.text("code"), entries.text("name"));
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(PairedDevicesOnly.COOKIE, token)
                            .httpOnly(true)
                            .sameSite("Strict")
                            .path("/")
                            .maxAge(YEAR)
                            .build()
                            .toString());
            return "redirect:/";
        } catch (BadInput refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            FormPage.show(model, entries.shown());
            FormPage.refuse(model, refused);
            model.addAttribute("settings", settings.now());
            return "settings/pair";
        }
    }

    /** Only the computer itself can make a code. */
    @PostMapping("/settings/devices/code")
    String newCode(HttpServletRequest request) throws IOException {
        if (PairedDevicesOnly.isAtTheComputer(request)) {
            pairing.newCode();
        }
        return "redirect:/settings#devices";
    }

    @PostMapping("/settings/devices/away")
    String sendAway(@RequestParam UUID device) {
        pairing.sendAway(device);
        return "redirect:/settings#devices";
    }
}
