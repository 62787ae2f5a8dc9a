package belonax.web.listen;

import io.swagger.v3.oas.annotations.Hidden;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What our own script asks while it listens; not a part of the JSON interface for others. */
@Hidden
@RestController
@RequestMapping(path = "/listen", produces = MediaType.APPLICATION_JSON_VALUE)
class ListenApi {
    private final ListenDesk desk;

    ListenApi(ListenDesk desk) {
        this.desk = desk;
    }

    @PostMapping("/begin")
    NowView begin(@RequestParam String machine) {
        return NowView.of(desk.begin(machine));
    }

    @PostMapping(path = "/{id}/steps", consumes = MediaType.APPLICATION_JSON_VALUE)
    NowView steps(@PathVariable UUID id, @RequestBody StepsBody body) {
        return NowView.of(desk.hear(id, body.place(), body.steps()));
    }

    @PostMapping("/{id}/pause")
    NowView pause(@PathVariable UUID id) {
        return NowView.of(desk.pause(id));
    }

    @PostMapping("/{id}/looked")
    NowView looked(@PathVariable UUID id) {
        return NowView.of(desk.lookedAt(id));
    }
}
