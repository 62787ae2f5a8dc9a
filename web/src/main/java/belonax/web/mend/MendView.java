package belonax.web.mend;

import belonax.fault.Check;
import belonax.fault.Check.Who;
import belonax.fault.CheckId;
import belonax.fault.FaultFinder.Ranked;
import belonax.fault.FaultFinder.Ranking;
import belonax.fault.FaultTable;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.MendCase.State;
import belonax.room.trouble.Records;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A case as its page shows it: the one check that is worth doing now, and what is left, shrinking. */
public record MendView(
        String id,
        int revision,
        String machine,
        String stack,
        String symptoms,
        String school,
        boolean isOpen,
        boolean isCured,
        @Nullable Check check,
        List<Check> tour,
        String whyNow,
        String then,
        String serviceFirst,
        List<Bar> left,
        List<Done> done,
        String soFar,
        @Nullable String stop,
        String stopTitle,
        boolean isToGlance,
        @Nullable String asFound,
        String recorded,
        @Nullable Follow follow) {

    private static final double BAR_PX = 300;
    private static final int MAX_BARS = 7;
    private static final String PLUG_OUT = "Plug out, now";

    /** Tells whether nothing is looked for, because the plug has to come out. */
    public boolean isPlugOut() {
        return stop != null && left.isEmpty() && stopTitle.equals(PLUG_OUT);
    }

    /** What it can still be. */
    public record Bar(String words, String chance, double px) {}

    /** A check that was made. */
    public record Done(String title, String result, boolean found) {}

    /** Where a cure is followed up. */
    public record Follow(String words, String path) {}

    static MendView of(Kept<MendCase> kept, Ranking ranking, FaultTable table, boolean neverServiced) {
        MendCase mendCase = kept.card();
        List<Ranked> left = ranking.checks().stream()
                .filter(check ->
                        !mendCase.checks(Result.CANNOT).contains(check.check().id()))
                .toList();
        boolean open = mendCase.state() == State.OPEN;
        Optional<Ranked> lastTry = ranking.lastTry()
                .filter(check -> open
                        && !mendCase.checks(Result.CANNOT)
                                .contains(check.check().id()));
        Optional<Ranked> now = open && ranking.stop().isEmpty() ? left.stream().findFirst() : lastTry;
        boolean plugOut = mendCase.symptoms().contains(Symptom.HOT_OR_SMOKE);
        return new MendView(
                kept.id().toString(),
                kept.revision(),
                mendCase.machineName(),
                mendCase.stackWords(),
                Stream.concat(
                                mendCase.symptoms().stream().map(Symptom::words),
                                mendCase.when().stream().map(When::words))
                        .collect(Collectors.joining(", ")),
                mendCase.school().words(),
                open,
                mendCase.state() == State.CURED,
                now.map(Ranked::check).orElse(null),
                now.map(found -> tour(found, left)).orElse(List.of()),
                now.map(found -> lastTry.isPresent() ? whyLast(found, mendCase) : whyNow(found, mendCase))
                        .orElse(""),
                now.isPresent() && lastTry.isEmpty() && left.size() > 1
                        ? "After that: " + left.get(1).check().title()
                        : "",
                open && mendCase.steps().isEmpty() && neverServiced
                        ? "Nobody knows of a service of this machine: cleaning has moved up, and a service is worth planning."
                        : "",
                open
                        ? ranking.causes().stream()
                                .limit(MAX_BARS)
                                .map(cause -> new Bar(
                                        cause.title(),
                                        Words.chance(cause.probability()),
                                        Math.max(4, BAR_PX * cause.probability())))
                                .toList()
                        : List.of(),
                mendCase.steps().stream()
                        .map(step -> new Done(
                                step.title(),
                                step.result().words(),
                                step.result() == Result.CURED || step.result() == Result.STILL))
                        .toList(),
                soFar(mendCase),
                open && lastTry.isEmpty() ? ranking.stop().orElse(null) : null,
                plugOut ? PLUG_OUT : "Ask a technician",
                open && !plugOut && !isFirstAid(now) && mendCase.steps().isEmpty() && mendCase.glance() == null,
                GlanceForm.words(mendCase),
                recorded(mendCase, table),
                mendCase.last().map(last -> follow(mendCase, last)).orElse(null));
    }

    private static String soFar(MendCase mendCase) {
        return String.format(
                Locale.ROOT,
                "%s, %s so far",
                Words.count(mendCase.steps().size(), "check"),
                Words.count(Math.round(mendCase.minutes()), "minute"));
    }

    private static String whyNow(Ranked check, MendCase mendCase) {
        String why = check.isForSafety()
                ? "and safety comes first"
                : mendCase.school() == SearchSchool.LIKELIEST_PER_MINUTE
                        ? "the most for its time"
                        : "the next in the order that you chose";
        return String.format(
                Locale.ROOT,
                "%s; it finds something in %d of 100 such troubles, %s.%s",
                check.check().minutes() < 1.25
                        ? "About a minute"
                        : Words.number(check.check().minutes()) + " minutes",
                Math.round(100 * check.probability()),
                why,
                check.check().who() == Who.TECHNICIAN ? " This one is a technician's." : "");
    }

    /** Returns all the fingernail checks that are left, where this is one of several. */
    private static List<Check> tour(Ranked now, List<Ranked> left) {
        List<Check> nails = left.stream()
                .map(Ranked::check)
                .filter(check -> check.id().isByFingernail() && check.who() == Who.OWNER)
                .toList();
        return now.check().id().isByFingernail() && nails.size() > 1 ? nails : List.of();
    }

    /** Somebody with a jam is not sent round the machine to look first. */
    private static boolean isFirstAid(Optional<Ranked> now) {
        return now.filter(ranked ->
                        ranked.check().id() == CheckId.UNJAM || ranked.check().id() == CheckId.POWER_AND_LEAD)
                .isPresent();
    }

    /** Before a technician is named a check is made once more, or one that everybody makes was not made yet. */
    private static String whyLast(Ranked check, MendCase mendCase) {
        boolean made = mendCase.checks(Result.NOT_IT).contains(check.check().id());
        return String.format(
                Locale.ROOT,
                "%s In %d of 100 such troubles it is this after all; then it is a technician's turn.",
                made
                        ? "Once more, before you take it away: a check finds what it looks for nine times in ten."
                        : "One thing is left that nobody leaves out.",
                Math.round(100 * check.probability()));
    }

    /** Returns what was written down with the last answer. */
    private static String recorded(MendCase mendCase, FaultTable table) {
        return mendCase.last()
                .filter(last -> last.action() != null)
                .map(last -> Records.of(table.check(last.check())).done())
                .orElse("");
    }

    /** Returns where a cure is best followed up. */
    private static @Nullable Follow follow(MendCase mendCase, MendCase.Step last) {
        if (last.result() != Result.CURED && last.result() != Result.STILL) {
            return null;
        }
        return switch (last.check()) {
            case NEEDLE_SEATED, CLAMP -> new Follow("Fit it step by step", "/fit");
            case TOP_DIAL, BOBBIN_TENSION ->
                new Follow(
                        "Balance it from here", "/balance?cloth=" + mendCase.cloth() + "&layers=" + mendCase.layers());
            default -> null;
        };
    }
}
