package belonax.web.mend;

import belonax.fault.Check;
import belonax.fault.Check.Who;
import belonax.fault.FaultFinder.Ranked;
import belonax.fault.FaultFinder.Ranking;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.web.shared.Words;
import belonax.web.shared.drawer.Kept;
import belonax.web.shared.drawer.MendCase;
import belonax.web.shared.drawer.MendCase.Result;
import belonax.web.shared.drawer.MendCase.State;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A case as its page shows it: the one check that is worth doing now, and what is left, shrinking. */
record MendView(
        String id,
        int revision,
        String machine,
        String stack,
        String symptoms,
        String school,
        boolean isOpen,
        boolean isCured,
        @Nullable Check check,
        String whyNow,
        String then,
        String serviceFirst,
        List<Bar> left,
        List<Done> done,
        String soFar,
        @Nullable String stop,
        @Nullable Follow follow) {

    private static final double BAR_PX = 300;
    private static final int MOST_BARS = 7;

    /** What it can still be. */
    record Bar(String words, String chance, double px) {}

    /** A check that was made. */
    record Done(String title, String result, boolean found) {}

    /** Where a cure is recorded. */
    record Follow(String words, String path) {}

    static MendView of(Kept<MendCase> kept, Ranking ranking, boolean neverServiced) {
        MendCase it = kept.card();
        List<Ranked> left = ranking.checks().stream()
                .filter(check ->
                        !it.checks(Result.CANNOT).contains(check.check().id()))
                .toList();
        boolean open = it.state() == State.OPEN;
        Optional<Ranked> now = open && ranking.stop().isEmpty() ? left.stream().findFirst() : Optional.empty();
        return new MendView(
                kept.id().toString(),
                kept.revision(),
                it.machineName(),
                it.stackWords(),
                Stream.concat(
                                it.symptoms().stream().map(Symptom::words),
                                it.when().stream().map(When::words))
                        .collect(Collectors.joining(", ")),
                it.school().words(),
                open,
                it.state() == State.CURED,
                now.map(Ranked::check).orElse(null),
                now.map(MendView::whyNow).orElse(""),
                now.isPresent() && left.size() > 1
                        ? "After that: " + left.get(1).check().title()
                        : "",
                open && it.steps().isEmpty() && neverServiced
                        ? "Nobody knows of a service of this machine: cleaning has moved up, and a service is worth planning."
                        : "",
                open
                        ? ranking.causes().stream()
                                .limit(MOST_BARS)
                                .map(cause -> new Bar(
                                        cause.title(),
                                        Math.round(100 * cause.probability()) + " in 100",
                                        Math.max(4, BAR_PX * cause.probability())))
                                .toList()
                        : List.of(),
                it.steps().stream()
                        .map(step -> new Done(
                                step.title(),
                                step.result().words(),
                                step.result() == Result.CURED || step.result() == Result.STILL))
                        .toList(),
                String.format(
                        Locale.ROOT,
                        "%d checks, %.0f minutes so far",
                        it.steps().size(),
                        it.minutes()),
                open ? ranking.stop().orElse(null) : null,
                it.steps().isEmpty() ? null : follow(it.steps().get(it.steps().size() - 1)));
    }

    private static String whyNow(Ranked it) {
        return String.format(
                Locale.ROOT,
                "%s, and it finds something in %d of 100 such troubles: the most for its time.%s",
                it.check().minutes() < 1.25
                        ? "About a minute"
                        : Words.number(it.check().minutes()) + " minutes",
                Math.round(100 * it.probability()),
                it.check().who() == Who.TECHNICIAN ? " This one is a technician's." : "");
    }

    /** A cure is written down where it belongs. */
    private static @Nullable Follow follow(MendCase.Step last) {
        if (last.result() != Result.CURED && last.result() != Result.STILL) {
            return null;
        }
        return switch (last.check()) {
            case "NEEDLE_REPLACE", "NEEDLE_TYPE", "NEEDLE_SIZE", "NEEDLE_SYSTEM" ->
                new Follow("Record which needle is in now", "/fit?step=99");
            case "TOP_DIAL", "BOBBIN_TENSION" -> new Follow("Balance it from here", "/balance?layers=2");
            case "THREAD_QUALITY" -> new Follow("Mark the spool as bad in the drawer", "/drawer");
            case "CLEAN_HOOK_AREA", "OIL", "SERVICE" -> new Follow("It is dated on the bench", "/bench");
            default -> null;
        };
    }
}
