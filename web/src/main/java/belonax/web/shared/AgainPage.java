package belonax.web.shared;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;

/** What was typed on a page that had been open too long, to be sent once more. */
@Controller
class AgainPage {
    private static final String TOKEN = "_csrf";

    /** An entry as it was sent. */
    record Entry(String name, String value) {}

    /** Only a refused form leads here. */
    @GetMapping("/again")
    String nothing() {
        return "redirect:/";
    }

    @PostMapping("/again")
    String again(HttpServletRequest request, Model model) {
        Object to = request.getAttribute(RequestDispatcher.FORWARD_REQUEST_URI);
        List<Entry> entries = new ArrayList<>();
        request.getParameterMap().forEach((name, values) -> {
            for (String value : values) {
                if (!name.equals(TOKEN)) {
                    entries.add(new Entry(name, value));
                }
            }
        });
        model.addAttribute("to", to == null ? "/" : to);
        model.addAttribute("entries", entries);
        return "shared/again";
    }
}
