package belonax.web.match;

import belonax.cloth.ClothCatalogue;
import belonax.match.NeedleMatcher;
import belonax.match.SetupCheck;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Matching over JSON. */
@RestController
@RequestMapping(path = "/api/v1/match", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Matching", description = "Which needle for this cloth and thread")
class MatchApi {
    private final NeedleMatcher matcher;
    private final SetupCheck check;
    private final ClothCatalogue cloths;

    MatchApi(NeedleMatcher matcher, SetupCheck check, ClothCatalogue cloths) {
        this.matcher = matcher;
        this.check = check;
        this.cloths = cloths;
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Ranks the needles that are made for a cloth and a thread, best first, with reasons")
    MatchAnswer match(@RequestBody MatchBody body) {
        return MatchAnswer.of(matcher.match(body.request(cloths)));
    }

    @PostMapping(path = "/check", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Tells whether the needle that is already in the machine is good enough")
    MatchAnswer.CheckAnswer check(@RequestBody CheckBody body) {
        return MatchAnswer.CheckAnswer.of(check.check(body.request(cloths), body.fitted()));
    }
}
