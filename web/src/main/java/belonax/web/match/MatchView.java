package belonax.web.match;

import belonax.hazard.Hazard;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.machine.FootLength;
import belonax.match.Conflict;
import belonax.match.Match;
import belonax.match.Recommendation;
import belonax.match.Scrap;
import belonax.match.SetupCheck.Checked;
import belonax.match.SpoolWord;
import belonax.match.WaysOut;
import belonax.needle.Needle;
import belonax.room.Choice;
import belonax.room.Words;
import belonax.room.needle.NeedleRecord;
import belonax.room.settings.Units;
import belonax.room.supply.NeedleSupply.AtHand;
import belonax.web.shared.NeedleWord;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The answer as the page shows it: the answer first, then why, then numbers. Public with all its parts, because what a template asks of
 * a public type is compiled, and this page asks three hundred times.
 */
public record MatchView(
        String lead,
        String needle,
        String code,
        Verdict verdict,
        String verdictWords,
        List<LimitShown> limits,
        @Nullable WaysOut waysOut,
        String school,
        @Nullable SpoolSays spool,
        List<ReasonShown> reasons,
        List<ReasonShown> furtherReasons,
        List<HazardRow> hazards,
        @Nullable FittedShown fitted,
        @Nullable Conflict conflict,
        List<PortraitShown> portraits,
        SizeRuler ruler,
        String start,
        String startNotes,
        List<RuledOutShown> ruledOut,
        String ruledOutWords,
        List<String> warnings,
        NeedleChosen chosen,
        String stock,
        boolean alreadyIn,
        boolean mayBeFitted,
        List<NeighbourShown> sizes,
        ScrapShown scrap) {

    private static final int REASONS_FIRST = 5;
    private static final int REASONS_BESIDE_A_CONFLICT = 2;

    /** One reason: which hazard, which way, and the sentence. */
    public record ReasonShown(String heading, boolean raises, String text) {}

    /** What no needle changes, with the way out. */
    public record LimitShown(Verdict verdict, String text, String wayOut) {}

    /** The needle in the machine now, judged for this job. */
    public record FittedShown(String words, Verdict verdict, String why, boolean isCompared) {
        static FittedShown of(Checked checked, Needle advised, Units units) {
            String words = checked.fitted().needle().words();
            if (checked.fitted().needle().count() != advised.count()) {
                return new FittedShown(
                        words,
                        checked.verdict(),
                        Words.capital(words) + " in the machine sews "
                                + lines(checked.fitted().needle()) + ", and this is for " + lines(advised) + ".",
                        false);
            }
            String why = switch (checked.verdict()) {
                case GOOD -> Words.capital(words) + " in the machine is good enough for this.";
                case CAN_PASS -> Words.capital(words) + " in the machine can pass: " + checked.why();
                case AVOID -> Words.capital(words) + " in the machine will not do: " + checked.why();
            };
            return new FittedShown(words, checked.verdict(), units.say(why), true);
        }

        private static String lines(Needle needle) {
            return Words.count(needle.count(), "line");
        }
    }

    /** A kind of needle that must not be used on this cloth. */
    public record RuledOutShown(String name, String why) {}

    /**
     * The advised needle.
     *
     * @param needle its {@link NeedleWord}, as the form that fits it sends it
     * @param word the same as it stands in an address
     */
    public record NeedleChosen(
            String needle, String word, @Nullable UUID parked) {
        static NeedleChosen of(Needle needle, List<AtHand> atHand) {
            return new NeedleChosen(
                    NeedleWord.of(needle),
                    NeedleWord.inAddress(needle),
                    atHand.stream()
                            .filter(hand -> hand.needle().equals(needle))
                            .flatMap(hand -> hand.parked().stream())
                            .map(NeedleRecord::id)
                            .findFirst()
                            .orElse(null));
        }
    }

    /** A size beside the advised one, with what it does to cloth, thread and blade. */
    public record NeighbourShown(
            String size,
            String verdict,
            String holes,
            String fraying,
            String breaking,
            @Nullable String word) {
        static NeighbourShown of(Match match, Recommendation candidate) {
            return new NeighbourShown(
                    candidate.needle().size().toString(),
                    MatchWords.verdict(match, candidate),
                    HazardRow.Chance.of(candidate.hazards().of(Hazard.MARK)).words(),
                    HazardRow.Chance.of(candidate.hazards().of(Hazard.SHRED)).words(),
                    HazardRow.Chance.of(candidate.hazards().of(Hazard.BREAK)).words(),
                    candidate.verdict() == Verdict.AVOID ? null : NeedleWord.inAddress(candidate.needle()));
        }
    }

    /**
     * The needle of which a scrap can tell.
     *
     * @param word as a form sends it
     */
    public record ScrapShown(String needle, String word, List<Choice> showed) {
        static ScrapShown of(Needle needle) {
            return new ScrapShown(
                    needle.words(), NeedleWord.of(needle), Choice.of(Scrap.Showed.values(), Scrap.Showed::words));
        }
    }

    /**
     * What the spool says.
     *
     * @param needle the word by which the steps of fitting carry its needle; null where we say the same
     */
    public record SpoolSays(String words, @Nullable String needle) {}

    static MatchView of(
            Match match,
            Optional<SpoolWord> spool,
            Optional<Checked> fitted,
            List<AtHand> atHand,
            Optional<FootLength> underTheFoot,
            Optional<Double> provenDial,
            Units units) {
        Recommendation best = match.best();
        boolean alreadyIn = fitted.filter(checked ->
                        checked.fitted().needle().equals(best.needle()) && checked.verdict() == best.verdict())
                .isPresent();
        // One line is not held against two.
        Optional<Checked> comparable = fitted.filter(
                checked -> checked.fitted().needle().count() == best.needle().count());
        // Where a limit or a conflict decides, it stands above with its way out, and the needle's own reasons matter
        // less.
        int open = match.job().limits().forbidAll()
                ? 0
                : match.conflict().isPresent() ? REASONS_BESIDE_A_CONFLICT : REASONS_FIRST;
        List<ReasonShown> reasons = best.decisiveReasons().stream()
                .limit(open)
                .map(reason -> shown(reason, units))
                .toList();
        return new MatchView(
                MatchWords.lead(match, alreadyIn),
                MatchWords.headline(match),
                match.job().limits().forbidAll()
                        ? "nearest is " + best.needle().words()
                        : best.needle().code(),
                best.verdict(),
                MatchWords.verdict(match, best),
                match.limits().stream()
                        .map(limit ->
                                new LimitShown(limit.verdict(), units.say(limit.text()), units.say(limit.wayOut())))
                        .toList(),
                match.waysOut().map(waysOut -> said(waysOut, units)).orElse(null),
                match.school().map(units::say).orElse(""),
                spool.map(spoolWord -> new SpoolSays(
                                units.say(spoolWord.words()),
                                spoolWord.agrees() ? null : NeedleWord.inAddress(spoolWord.needle())))
                        .orElse(null),
                reasons,
                further(best, reasons, units),
                HazardRow.of(
                        best.hazards(),
                        comparable.map(checked -> checked.judged().hazards())),
                fitted.map(checked -> FittedShown.of(checked, best.needle(), units))
                        .orElse(null),
                match.conflict().map(conflict -> said(conflict, units)).orElse(null),
                PortraitShown.of(match, atHand),
                SizeRuler.of(match.clothWindow(), match.threadWindow(), match.anOrdinaryEyeTakesIt()),
                MatchWords.start(match, underTheFoot, provenDial, units),
                units.say(match.stitch().note()
                        + (provenDial.isPresent()
                                ? ""
                                : " " + match.startingDial().note())),
                match.ruledOut().stream()
                        .map(ruledOut ->
                                new RuledOutShown(Words.capital(ruledOut.type().words()), units.say(ruledOut.why())))
                        .toList(),
                MatchWords.ruledOut(match),
                match.cautions().stream().map(units::say).toList(),
                NeedleChosen.of(best.needle(), atHand),
                HandWords.ofAnswer(match, atHand),
                alreadyIn,
                best.verdict() != Verdict.AVOID,
                sizes(match),
                ScrapShown.of(fitted.map(checked -> checked.fitted().needle()).orElse(best.needle())));
    }

    private static WaysOut said(WaysOut out, Units units) {
        return new WaysOut(out.together(), out.ways().stream().map(units::say).toList());
    }

    private static Conflict said(Conflict conflict, Units units) {
        return new Conflict(
                units.say(conflict.why()),
                conflict.waysOut().stream().map(units::say).toList());
    }

    /** The advised size between its neighbours, the smaller first; none where the type is made in one size. */
    private static List<NeighbourShown> sizes(Match match) {
        List<Recommendation> beside = match.neighbours();
        return beside.isEmpty()
                ? List.of()
                : Stream.concat(beside.stream(), Stream.of(match.best()))
                        .sorted(Comparator.comparing(
                                candidate -> candidate.needle().size()))
                        .map(candidate -> NeighbourShown.of(match, candidate))
                        .toList();
    }

    private static List<ReasonShown> further(Recommendation best, List<ReasonShown> open, Units units) {
        return best.reasons().stream()
                .map(reason -> shown(reason, units))
                .filter(reasonShown -> !open.contains(reasonShown))
                .toList();
    }

    private static ReasonShown shown(Reason reason, Units units) {
        String what = switch (reason.hazard()) {
            case SKIP -> reason.raises() ? "more skips" : "fewer skips";
            case SHRED -> reason.raises() ? "more fraying" : "less fraying";
            case BREAK -> reason.raises() ? "more breaking" : "less breaking";
            case MARK -> reason.raises() ? "more holes" : "fewer holes";
            case PUCKER -> reason.raises() ? "more pucker" : "less pucker";
        };
        return new ReasonShown(what, reason.raises(), units.say(reason.text()));
    }
}
