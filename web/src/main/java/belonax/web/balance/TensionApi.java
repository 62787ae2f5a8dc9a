package belonax.web.balance;

import belonax.balance.Advice;
import belonax.balance.BalanceSetup;
import belonax.balance.DialAdvisor;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Balancing over JSON. */
@RestController
@RequestMapping(path = "/api/v1/tension", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Balance", description = "At which dial the next strip is sewn, and when to stop")
class TensionApi {

    /** Where the balanced dial is believed to lie: the central 80 %. */
    record BalancedDial(double low, double likely, double high) {}

    /** What to do next. */
    record TensionAnswer(
            Advice.Action action,
            @Nullable Double dial,
            double confidence,
            BalancedDial balancedDial,
            String why,
            @Nullable String suspicion,
            @Nullable String contradiction) {

        static TensionAnswer of(Advice advice) {
            return new TensionAnswer(
                    advice.action(),
                    advice.dial().isPresent() ? advice.dial().getAsDouble() : null,
                    advice.confidence(),
                    new BalancedDial(advice.low(), advice.likely(), advice.high()),
                    advice.why(),
                    advice.suspicion().orElse(null),
                    advice.contradiction().orElse(null));
        }
    }

    @PostMapping(path = "/next", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Reads the strips so far and says at which dial the next is sewn, or what to do instead")
    TensionAnswer next(@RequestBody TensionBody body) {
        BalanceSetup setup = body.setup();
        return TensionAnswer.of(DialAdvisor.opinion(setup, body.pastBalances(), body.sewn(setup.dial()), body.howRead())
                .advice());
    }
}
