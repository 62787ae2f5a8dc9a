package belonax.web.settings;

import belonax.web.shared.BrowserCookie;
import belonax.web.shared.form.Problems;
import belonax.web.shared.pairing.AccessPolicy;
import belonax.web.shared.pairing.Pairing;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Pairs a device with the code, makes new codes, sends devices away. */
@Controller
class DevicesPage {
    private final Pairing pairing;

    DevicesPage(Pairing pairing) {
        this.pairing = pairing;
    }

    /** What a device is asked for. */
    public record PairForm(@Nullable String code, @Nullable String name) {}

    @GetMapping("/pair")
    String ask(@ModelAttribute("form") PairForm form, BindingResult unread) {
        return "settings/pair";
    }

    @PostMapping("/pair")
    String pair(@ModelAttribute("form") PairForm form, BindingResult errors, HttpServletResponse response) {
        Optional<String> token = Problems.read(
                errors,
                () -> pairing.pair(
                        Objects.requireNonNullElse(form.code(), "").strip(),
                        Objects.requireNonNullElse(form.name(), "").strip()));
        if (token.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return "settings/pair";
        }
        response.addHeader(HttpHeaders.SET_COOKIE, BrowserCookie.header(AccessPolicy.COOKIE, token.get()));
        return "redirect:/";
    }

    /** Only the computer itself can make a code. */
    @PostMapping("/settings/devices/code")
    String newCode(HttpServletRequest request) {
        if (AccessPolicy.isAtTheComputer(request)) {
            pairing.newCode();
        }
        return "redirect:/settings#devices";
    }

    /** Lets a device do what concerns the whole room, or no longer. */
    @PostMapping("/settings/devices/allow")
    String allow(@RequestParam UUID device, @RequestParam(defaultValue = "false") boolean all) {
        pairing.allow(device, all);
        return "redirect:/settings#devices";
    }

    @PostMapping("/settings/devices/away")
    String sendAway(@RequestParam UUID device) {
        pairing.sendAway(device);
        return "redirect:/settings#devices";
    }
}
