package belonax.web.mend;

import belonax.fault.CheckId;
import belonax.fault.FaultTable;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A machine's troubles, and what cured it. */
public record HistoryView(List<CaseShown> cases, List<Cure> cures) {
    private static final double BAR_PX = 300;

    /** One case. */
    public record CaseShown(String id, String words, String date, String ended, String took) {}

    /** What found something here, and how often. */
    public record Cure(String title, String count, double px) {}

    static HistoryView of(List<Kept<MendCase>> cases, Map<CheckId, Integer> cures, FaultTable table) {
        return new HistoryView(cases.stream().map(HistoryView::shown).toList(), cures(cures, table));
    }

    /** Returns what found most here, when it is more than chance: in three cures at least, and twice. */
    static String usually(Map<CheckId, Integer> cures, FaultTable table) {
        int all = cures.values().stream().mapToInt(Integer::intValue).sum();
        return all < 3 || cures.values().stream().noneMatch(cure -> cure > 1)
                ? ""
                : first(cures(cures, table).get(0));
    }

    private static String first(Cure cure) {
        return "Here it was most often found by “" + cure.title() + "”: " + cure.count() + " cures.";
    }

    private static List<Cure> cures(Map<CheckId, Integer> cures, FaultTable table) {
        int all = cures.values().stream().mapToInt(Integer::intValue).sum();
        return cures.entrySet().stream()
                .sorted(Map.Entry.<CheckId, Integer>comparingByValue().reversed())
                .map(cure -> new Cure(
                        table.check(cure.getKey()).title(),
                        cure.getValue() + " of " + all,
                        BAR_PX * cure.getValue() / all))
                .toList();
    }

    private static CaseShown shown(Kept<MendCase> kept) {
        MendCase mendCase = kept.card();
        String ended = switch (mendCase.state()) {
            case OPEN -> "open";
            case ASIDE -> "put aside";
            case CURED ->
                "cured: "
                        + mendCase.steps().stream()
                                .filter(step -> step.result() == Result.CURED)
                                .map(MendCase.Step::title)
                                .findFirst()
                                .orElse("");
        };
        return new CaseShown(
                kept.id().toString(),
                mendCase.words(),
                Words.date(mendCase.begunOn()),
                ended,
                String.format(
                        Locale.ROOT,
                        "%s, %.0f min",
                        Words.count(mendCase.steps().size(), "check"),
                        mendCase.minutes()));
    }
}
