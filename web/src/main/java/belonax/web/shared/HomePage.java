package belonax.web.shared;

import belonax.room.needle.SewingRoom;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Leads to the stop on which the work starts. */
@Controller
class HomePage {
    private final SewingRoom room;

    HomePage(SewingRoom room) {
        this.room = room;
    }

    /** A sewing room without a machine is asked three questions first. */
    @GetMapping("/")
    String start() {
        return room.names().isEmpty() ? "redirect:/welcome" : "redirect:" + Stop.values()[0].path();
    }
}
