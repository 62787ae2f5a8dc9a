package belonax.web.shared;

import belonax.room.needle.SewingRoom;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Puts another machine on the table. The browser remembers it, so that a tablet may look at another one. */
@Controller
class TablePage {
    private final SewingRoom room;

    TablePage(SewingRoom room) {
        this.room = room;
    }

    @PostMapping("/table")
    ResponseEntity<Void> put(@RequestParam("machine") String machineId) {
        HttpHeaders headers = new HttpHeaders();
        headers.add(HttpHeaders.LOCATION, "/bench");
        room.find(machineId)
                .ifPresent(machineNow -> headers.add(HttpHeaders.SET_COOKIE, Layout.cookie(machineNow.id())));
        return new ResponseEntity<>(headers, HttpStatus.SEE_OTHER);
    }
}
