package belonax.web.mend;

import belonax.fault.FaultFinder;
import belonax.web.shared.drawer.Kept;
import belonax.web.shared.drawer.MendCase;
import belonax.web.shared.drawer.MendCase.Result;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A machine's troubles, and what cured it. */
record HistoryView(List<CaseShown> cases, List<String> cures) {

    /** One case. */
    record CaseShown(String id, String words, String date, String ended, String took) {}

    static HistoryView of(List<Kept<MendCase>> cases, Map<String, Integer> cures, FaultFinder finder) {
        int all = cures.values().stream().mapToInt(Integer::intValue).sum();
        return new HistoryView(
                cases.stream().map(HistoryView::shown).toList(),
                cures.entrySet().stream()
                        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                        .map(it -> finder.table().check(it.getKey()).title() + ": " + it.getValue() + " of " + all)
                        .toList());
    }

    private static CaseShown shown(Kept<MendCase> kept) {
        MendCase it = kept.card();
        String ended = switch (it.state()) {
            case OPEN -> "open";
            case ASIDE -> "put aside";
            case CURED ->
                "cured: "
                        + it.steps().stream()
                                .filter(step -> step.result() == Result.CURED)
                                .map(MendCase.Step::title)
                                .findFirst()
                                .orElse("");
        };
        return new CaseShown(
                kept.id().toString(),
                it.words(),
                it.begunOn().toString(),
                ended,
                String.format(Locale.ROOT, "%d checks, %.0f min", it.steps().size(), it.minutes()));
    }
}
