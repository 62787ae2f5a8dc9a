package belonax.web.match;

import belonax.hazard.Hazard;
import belonax.hazard.Hazards;
import belonax.hazard.Limit;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.machine.FootLength;
import belonax.match.Conflict;
import belonax.match.Match;
import belonax.match.Recommendation;
import belonax.match.Scrap;
import belonax.match.SetupCheck.Checked;
import belonax.match.SpoolWord;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.Choice;
import belonax.room.Words;
import belonax.room.needle.NeedleRecord;
import belonax.room.settings.Units;
import belonax.room.supply.NeedleSupply.AtHand;
import belonax.web.shared.NeedleWord;
import belonax.web.shared.drawing.NeedlePortrait;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The answer as the page shows it: the answer first, then why, then numbers. */
record MatchView(
        String lead,
        String needle,
        String code,
        Verdict verdict,
        String verdictWords,
        List<LimitShown> limits,
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
    private static final int PORTRAITS = 3;
    private static final double ROOM_PX = 490;
    private static final double BESIDE_PX = 26;
    private static final double BAR_PX_PER_CHANCE = 128;

    /** One reason: which hazard, which way, and the sentence. */
    record ReasonShown(String heading, boolean raises, String text) {}

    /** What no needle changes, with the way out. */
    record LimitShown(Verdict verdict, String text, String wayOut) {}

    /** One hazard, for the needle that is advised and for the one in the machine now. */
    record HazardRow(String words, Chance advised, @Nullable Chance fitted) {}

    /** A chance as a bar with a number. */
    record Chance(String words, double barPx, boolean isHigh) {
        static Chance of(double chance) {
            return new Chance(words(chance), Math.max(2, Math.min(64, BAR_PX_PER_CHANCE * chance)), chance >= 0.15);
        }

        private static String words(double chance) {
            long inHundred = Math.round(chance * 100);
            return inHundred == 0 ? "< 1 in 100" : inHundred + " in 100";
        }
    }

    /** The needle in the machine now, judged for this job. */
    record FittedShown(String words, Verdict verdict, String why, boolean isCompared) {
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

    /** A needle drawn, with its name and verdict. */
    record PortraitShown(
            NeedlePortrait drawing,
            String name,
            String size,
            String verdict,
            boolean isBest,
            String atHand,
            @Nullable String word) {}

    /** A kind of needle that must not be used on this cloth. */
    record RuledOutShown(String name, String why) {}

    /** The advised needle, as the form that fits it names it. */
    record NeedleChosen(
            String system,
            NeedleType type,
            int nm,
            @Nullable Double spacingMm,
            @Nullable NeedleType point,
            String word,
            @Nullable UUID parked) {
        static NeedleChosen of(Needle it, List<AtHand> atHand) {
            return new NeedleChosen(
                    it.system().label(),
                    it.type(),
                    it.size().nm(),
                    it.twin().map(twin -> twin.spacingMm()).orElse(null),
                    it.twin().map(twin -> twin.point()).orElse(null),
                    NeedleWord.inAddress(it),
                    atHand.stream()
                            .filter(hand -> hand.needle().equals(it))
                            .flatMap(hand -> hand.parked().stream())
                            .map(NeedleRecord::id)
                            .findFirst()
                            .orElse(null));
        }
    }

    /** A size beside the advised one, with what it does to cloth, thread and blade. */
    record NeighbourShown(
            String size,
            String verdict,
            String holes,
            String fraying,
            String breaking,
            @Nullable String word) {
        static NeighbourShown of(Match match, Recommendation it) {
            return new NeighbourShown(
                    it.needle().size().toString(),
                    verdictWords(match, it),
                    Chance.of(it.hazards().of(Hazard.MARK)).words(),
                    Chance.of(it.hazards().of(Hazard.SHRED)).words(),
                    Chance.of(it.hazards().of(Hazard.BREAK)).words(),
                    it.verdict() == Verdict.AVOID ? null : NeedleWord.inAddress(it.needle()));
        }
    }

    /**
     * The needle of which a scrap can tell.
     *
     * @param word as a form sends it
     */
    record ScrapShown(String needle, String word, List<Choice> showed) {
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
    record SpoolSays(String words, @Nullable String needle) {}

    static MatchView of(
            Match match,
            Optional<SpoolWord> spool,
            Optional<Checked> fitted,
            List<AtHand> atHand,
            Optional<FootLength> underTheFoot,
            Units units) {
        Recommendation best = match.best();
        boolean alreadyIn = fitted.filter(
                        it -> it.fitted().needle().equals(best.needle()) && it.verdict() == best.verdict())
                .isPresent();
        // One line is not held against two.
        Optional<Checked> comparable = fitted.filter(
                it -> it.fitted().needle().count() == best.needle().count());
        // Where a limit or a conflict decides, it stands above with its way out, and the needle's own reasons matter
        // less.
        int open = match.job().limits().forbidAll()
                ? 0
                : match.conflict().isPresent() ? REASONS_BESIDE_A_CONFLICT : REASONS_FIRST;
        List<ReasonShown> reasons = best.decisiveReasons().stream()
                .limit(open)
                .map(it -> shown(it, units))
                .toList();
        return new MatchView(
                lead(match, alreadyIn),
                headline(match),
                match.job().limits().forbidAll()
                        ? "nearest is " + best.needle().words()
                        : best.needle().code(),
                best.verdict(),
                verdictWords(match, best),
                match.limits().stream()
                        .map(it -> new LimitShown(it.verdict(), units.say(it.text()), units.say(it.wayOut())))
                        .toList(),
                match.school().map(units::say).orElse(""),
                spool.map(it -> new SpoolSays(
                                units.say(it.words()), it.agrees() ? null : NeedleWord.inAddress(it.needle())))
                        .orElse(null),
                reasons,
                further(best, reasons, units),
                rows(best.hazards(), comparable.map(it -> it.judged().hazards())),
                fitted.map(it -> FittedShown.of(it, best.needle(), units)).orElse(null),
                match.conflict().map(it -> said(it, units)).orElse(null),
                portraits(match, atHand),
                SizeRuler.of(match.clothWindow(), match.threadWindow(), match.anOrdinaryEyeTakesIt()),
                start(match, underTheFoot, units),
                units.say(match.stitch().note() + " " + match.startingDial().note()),
                match.ruledOut().stream()
                        .map(it -> new RuledOutShown(Words.capital(it.type().words()), units.say(it.why())))
                        .toList(),
                ruledOutWords(match),
                match.cautions().stream().map(units::say).toList(),
                NeedleChosen.of(best.needle(), atHand),
                HandWords.ofAnswer(match, atHand),
                alreadyIn,
                best.verdict() != Verdict.AVOID,
                sizes(match),
                ScrapShown.of(fitted.map(it -> it.fitted().needle()).orElse(best.needle())));
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
                        .sorted(Comparator.comparing(it -> it.needle().size()))
                        .map(it -> NeighbourShown.of(match, it))
                        .toList();
    }

    private static String lead(Match match, boolean alreadyIn) {
        if (standsInTheWay(match).isPresent()) {
            return "Not like this:";
        }
        if (alreadyIn) {
            return "Keep the";
        }
        String article = Words.article(match.best().needle().point().words());
        return switch (match.best().verdict()) {
            case GOOD -> "Fit " + article;
            case CAN_PASS -> "Nearest is " + article;
            case AVOID -> "Better not. Nearest is " + article;
        };
    }

    private static Optional<Limit> standsInTheWay(Match match) {
        return match.limits().stream()
                .filter(it -> it.verdict() == Verdict.AVOID)
                .findFirst();
    }

    /** The answer: a needle, or what stands in the way of every needle. */
    private static String headline(Match match) {
        return standsInTheWay(match)
                .map(it -> switch (it.kind()) {
                    case HEIGHT -> "too high for the foot";
                    case PIERCING -> "too much for the motor";
                    case THREAD -> "too thick a thread on top";
                    case STRIKE -> "the needle would strike";
                    case MACHINE -> "not the machine for it";
                })
                .orElse(name(match.best().needle()));
    }

    /** The word good is kept for what is made for the job. */
    private static String verdictWords(Match match, Recommendation it) {
        return it.verdict() == Verdict.GOOD && !match.isMadeFor(it)
                ? "does as well"
                : it.verdict().words();
    }

    private static List<ReasonShown> further(Recommendation best, List<ReasonShown> open, Units units) {
        return best.reasons().stream()
                .map(it -> shown(it, units))
                .filter(it -> !open.contains(it))
                .toList();
    }

    private static String name(Needle needle) {
        String kind = needle.twin()
                .map(it -> it.point().words() + " " + needle.type().words() + " needle " + Words.mm(it.spacingMm())
                        + " mm")
                .orElse(needle.type().words() + " needle");
        return kind + ", " + needle.size();
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

    private static List<HazardRow> rows(Hazards advised, Optional<Hazards> fitted) {
        return Stream.of(Hazard.SKIP, Hazard.MARK, Hazard.SHRED, Hazard.PUCKER, Hazard.BREAK)
                .map(it -> new HazardRow(
                        it == Hazard.MARK ? "holes" : it.words(),
                        Chance.of(advised.of(it)),
                        fitted.map(now -> Chance.of(now.of(it))).orElse(null)))
                .toList();
    }

    /** The best needle, then the best of other types; the last place goes to a usual mistake where fewer would do. */
    private static List<PortraitShown> portraits(Match match, List<AtHand> atHand) {
        List<PortraitShown> shown = new ArrayList<>();
        List<NeedleType> seen = new ArrayList<>();
        for (Recommendation it : match.recommendations()) {
            PortraitShown next = portrait(it, verdictWords(match, it), shown.isEmpty(), atHand);
            if (shown.size() < PORTRAITS && !seen.contains(it.needle().point()) && hasRoom(shown, next)) {
                seen.add(it.needle().point());
                shown.add(next);
            }
        }
        boolean universalRuledOut = match.ruledOut().stream().anyMatch(it -> it.type() == NeedleType.UNIVERSAL);
        if (universalRuledOut && match.best().needle().system() == NeedleSystem.H_130_705) {
            Needle mistake = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);
            PortraitShown last = portrait(mistake, Verdict.AVOID.words(), false, "", null);
            while (shown.size() > 1 && (shown.size() == PORTRAITS || !hasRoom(shown, last))) {
                shown.remove(shown.size() - 1);
            }
            shown.add(last);
        }
        return shown;
    }

    /** Twins are drawn wider, so fewer of them stand side by side. */
    private static boolean hasRoom(List<PortraitShown> shown, PortraitShown next) {
        double taken = next.drawing().widthPx() + BESIDE_PX;
        for (PortraitShown it : shown) {
            taken += it.drawing().widthPx() + BESIDE_PX;
        }
        return taken <= ROOM_PX;
    }

    private static PortraitShown portrait(Recommendation it, String verdict, boolean isBest, List<AtHand> atHand) {
        return portrait(
                it.needle(),
                verdict,
                isBest,
                HandWords.of(it.needle(), atHand),
                it.verdict() == Verdict.AVOID ? null : NeedleWord.inAddress(it.needle()));
    }

    private static PortraitShown portrait(
            Needle needle, String verdict, boolean isBest, String atHand, @Nullable String word) {
        String name = Words.capital(needle.point().words())
                + (needle.type().isMultiple() ? " " + needle.type().words() : "");
        return new PortraitShown(
                NeedlePortrait.of(needle), name, needle.size().toString(), verdict, isBest, atHand, word);
    }

    private static String start(Match match, Optional<FootLength> underTheFoot, Units units) {
        String width =
                match.stitch().widthMm() > 0 ? ", " + units.mm(match.stitch().widthMm()) + " wide" : "";
        return Words.capital(match.stitch().kind().words()) + " "
                + units.stitch(match.stitch().lengthMm())
                + underTheFoot
                        .filter(FootLength::matters)
                        .map(it ->
                                ", set " + Words.plain(it.toSet(match.stitch().lengthMm())) + " under the " + it.foot())
                        .orElse("")
                + width
                + " · " + match.foot().pressure().words() + " pressure, "
                + match.foot().words() + " · start the dial near "
                + Words.number(match.startingDial().likely());
    }

    private static String ruledOutWords(Match match) {
        List<String> names =
                match.ruledOut().stream().map(it -> it.type().words()).toList();
        if (names.isEmpty()) {
            return "";
        }
        String last = names.get(names.size() - 1);
        String list = names.size() == 1 ? last : String.join(", ", names.subList(0, names.size() - 1)) + " and " + last;
        return Words.capital(list) + (names.size() == 1 ? " needle" : " needles") + " ruled out: why";
    }
}
