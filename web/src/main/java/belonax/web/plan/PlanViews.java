package belonax.web.plan;

import belonax.hazard.Limit;
import belonax.hazard.Verdict;
import belonax.match.Match;
import belonax.match.NeedleMatcher;
import belonax.match.WaysOut;
import belonax.plan.JobPlan;
import belonax.plan.JobPlan.Planned;
import belonax.web.plan.PlanDesk.Worked;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Makes the view of a project that page and print share, with its evenings from today on. */
@Component
class PlanViews {
    private final NeedleMatcher matcher;
    private final Clock clock;

    PlanViews(NeedleMatcher matcher, Clock clock) {
        this.matcher = matcher;
        this.clock = clock;
    }

    PlanView of(Worked worked) {
        LocalDate today = LocalDate.now(clock);
        Evenings evenings = Evenings.of(worked, today);
        return PlanView.of(worked, evenings.sittings(), evenings.words(today), limits(worked));
    }

    /** Says what binds where no needle does well. */
    private Map<String, List<String>> limits(Worked worked) {
        Map<String, List<String>> limits = new HashMap<>();
        for (Planned planned : worked.plan().map(JobPlan::steps).orElse(List.of())) {
            if (planned.needle().verdict() == Verdict.AVOID) {
                limits.put(planned.step().id(), binding(planned));
            }
        }
        return limits;
    }

    private List<String> binding(Planned planned) {
        Match match = matcher.match(planned.step().asked());
        List<String> ways = match.waysOut().map(WaysOut::enough).orElse(List.of());
        if (ways.isEmpty() && !match.limits().isEmpty()) {
            Limit first = match.limits().get(0);
            return List.of(first.text(), first.wayOut());
        }
        Stream<String> why =
                planned.needle().prediction().deciding(Verdict.AVOID).stream().limit(1);
        return Stream.concat(why, ways.stream()).toList();
    }
}
