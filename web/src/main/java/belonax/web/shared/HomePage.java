package belonax.web.shared;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Leads to the stop on which the work starts. */
@Controller
class HomePage {
    @GetMapping("/")
    String start() {
        return "redirect:" + Stop.values()[0].path();
    }
}
