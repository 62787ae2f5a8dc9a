package belonax.web.mend;

import belonax.cloth.ClothCatalogue;
import belonax.fault.Check.Who;
import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.fault.FaultFinder.Ranking;
import belonax.fault.FaultFinder.Suspect;
import belonax.hazard.HazardModel;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Fault finding over JSON. */
@RestController
@RequestMapping(path = "/api/v1/faults", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Faults", description = "What is checked next when something goes wrong")
class FaultApi {
    private final FaultFinder finder;
    private final HazardModel hazards;
    private final ClothCatalogue cloths;

    FaultApi(FaultFinder finder, HazardModel hazards, ClothCatalogue cloths) {
        this.finder = finder;
        this.hazards = hazards;
        this.cloths = cloths;
    }

    /** A check that is left. */
    record CheckAnswer(
            CheckId id,
            String title,
            double minutes,
            double probability,
            Who who,
            List<String> steps,
            String foundWhen,
            List<String> cautions) {}

    /** What to do next. */
    record RankAnswer(
            List<CheckAnswer> checks,
            List<Suspect> causes,
            @Nullable String stop) {
        static RankAnswer of(Ranking ranking) {
            return new RankAnswer(
                    ranking.checks().stream()
                            .map(ranked -> new CheckAnswer(
                                    ranked.check().id(),
                                    ranked.check().title(),
                                    ranked.check().minutes(),
                                    ranked.probability(),
                                    ranked.check().who(),
                                    ranked.check().steps(),
                                    ranked.check().foundWhen(),
                                    ranked.check().cautions()))
                            .toList(),
                    ranking.causes(),
                    ranking.stop().orElse(null));
        }
    }

    @PostMapping(path = "/rank", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Ranks what is left to check, the one to do now first, with the likeliest causes")
    RankAnswer rank(@RequestBody FaultBody body) {
        return RankAnswer.of(finder.rank(body.trouble(cloths, hazards), body.order()));
    }
}
