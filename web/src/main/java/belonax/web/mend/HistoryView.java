package belonax.web.mend;

import belonax.fault.FaultFinder;
import belonax.web.shared.Words;
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
        return new HistoryView(cases.stream().map(HistoryView::shown).toList(), lines(cures, finder));
    }

    /** Returns what found most here, when it is more than chance: in three cures at least, and twice. */
    static String usually(Map<String, Integer> cures, FaultFinder finder) {
        int all = cures.values().stream().mapToInt(Integer::intValue).sum();
        return all < 3 || cures.values().stream().noneMatch(it -> it > 1)
                ? ""
                : "Here it was most often found by “"
                        + lines(cures, finder).get(0).replace(": ", "”: ") + " cures.";
    }

    private static List<String> lines(Map<String, Integer> cures, FaultFinder finder) {
        int all = cures.values().stream().mapToInt(Integer::intValue).sum();
        return cures.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .map(it -> finder.table().check(it.getKey()).title() + ": " + it.getValue() + " of " + all)
                .toList();
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
                String.format(
                        Locale.ROOT, "%s, %.0f min", Words.count(it.steps().size(), "check"), it.minutes()));
    }
}
