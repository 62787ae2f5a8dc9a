package belonax.web.plan;

import belonax.cloth.ClothCatalogue;
import belonax.plan.JobPlanner;
import belonax.plan.Supplies;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Planning over JSON. */
@RestController
@RequestMapping(path = "/api/v1/plan", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Planning", description = "In what order, with what, how much")
class PlanApi {
    private final JobPlanner planner;
    private final ClothCatalogue cloths;

    PlanApi(JobPlanner planner, ClothCatalogue cloths) {
        this.planner = planner;
        this.cloths = cloths;
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Puts the steps of a job in the order with the fewest changes, and counts thread and needles")
    PlanAnswer plan(@RequestBody PlanBody body) {
        return PlanAnswer.of(planner.plan(body.steps(cloths), List.of(body.station()), Supplies.none()));
    }
}
