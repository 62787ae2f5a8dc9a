package belonax.balance;

import belonax.BadInput;
import belonax.balance.Advice.Action;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/**
 * Says at which dial the next strip is sewn, and when to stop. It sews where balance is likeliest and keeps a setting as soon
 * as it is believed balanced firmly enough; looking further ahead did no better in the study. Source: docs/craft.md,
 * "Balance"; docs/studies.md tells how many strips it takes.
 */
public final class DialAdvisor {
    /** From here on a setting is kept: in the study (docs/studies.md) 95 % of what it keeps is truly balanced. */
    static final double KEEP_CONFIDENCE = 0.9;
    /** More strips than this say that it is not the dial. */
    static final int MAX_STRIPS = 12;

    private static final int MAX_READ = 40;
    private static final int MAX_PAST = 200;
    private static final int NESTS_FOR_A_TECHNICIAN = 3;
    private static final int ERRATIC_TO_RETHREAD = 2;
    private static final int ERRATIC_FOR_A_TECHNICIAN = 4;
    private static final int DRAWN_UP_FOR_THE_BOBBIN = 3;
    private static final int LINES_FOR_THE_BOBBIN = 2;
    private static final int ONE_WAY = 2;
    private static final int BREAKS_TO_RETHREAD = 2;
    /** So many strips that look alike, over so many numbers of the dial, say that it is not the dial. */
    private static final int ALIKE_FOR_NO_GRIP = 3;

    private static final double NO_GRIP_OVER = 3;
    /** Loops or a line: dots would answer to the dial. */
    private static final int FAR_OFF = 2;
    /** So far from what was expected it goes, in numbers of a dial from 0 to 9, before two strips point the same way. */
    private static final double FIRST_REACH = 2;
    /** Where strips contradict each other nothing is surer than this. */
    private static final double CONTRADICTED = 0.6;
    /** At the end of the dial it is the bobbin's turn once the end itself is more likely wrong than right. */
    private static final double END_IS_WRONG = 0.5;

    private static final double HARDLY_LIKELIER = 0.02;
    private static final double SAME = 1e-9;

    private DialAdvisor() {}

    /**
     * Returns what to do next.
     *
     * @param past what was balanced on this machine before, at most 200
     * @param strips what was sewn so far with this thread and bobbin, in its order, at most 40
     * @throws BadInput if there are more of them
     */
    public static Advice advise(BalanceSetup setup, List<PastBalance> past, List<Strip> strips) {
        return opinion(setup, past, strips, Reader.field()).advice();
    }

    /** Advice with the posterior that it comes of, for drawing it. */
    public record Opinion(Advice advice, DialPosterior posterior) {}

    /** Does the same as {@link #advise} for somebody who reads strips in an own way, and returns what is believed too. */
    public static Opinion opinion(BalanceSetup setup, List<PastBalance> past, List<Strip> strips, Reader reader) {
        BadInput.unless(strips.size() <= MAX_READ, "strips", () -> "Name at most 40 strips.");
        BadInput.unless(past.size() <= MAX_PAST, "past", () -> "Name at most 200 past balances.");
        Case asked = new Case(setup, past, strips, reader);
        return new Opinion(asked.advice(), asked.posterior);
    }

    /** Returns what a dial tells that was found at this place, if it is outside its band. */
    public static Optional<String> whatItTells(BalanceSetup setup, double found) {
        return new DialWords(setup, List.of(), List.of()).suspicion(found, true);
    }

    /** One question with what is worked out for it. */
    private static final class Case {
        private final BalanceSetup setup;
        private final List<Strip> strips;
        private final Reader reader;
        private final DialPosterior posterior;
        private final DialSettings settings;
        private final DialWords words;
        private final double lowest;
        private final double highest;
        private final double best;

        Case(BalanceSetup setup, List<PastBalance> past, List<Strip> strips, Reader reader) {
            this.setup = setup;
            this.strips = strips;
            this.reader = reader;
            DialPrior prior = DialPrior.of(setup, past);
            this.posterior = DialPosterior.of(setup, prior, strips, reader.readings());
            this.settings = DialSettings.of(setup.dial());
            this.words = new DialWords(setup, past, strips);
            this.lowest = lowestYet(prior);
            this.highest = highestYet(prior);
            this.best = settings.best(posterior, lowest, highest);
        }

        /** One strip alone does not send the dial far down, nor up: it may be misread. */
        private double lowestYet(DialPrior prior) {
            return count(Strip::isTooTight) >= ONE_WAY ? setup.dial().min() : prior.mean() - reach();
        }

        private double highestYet(DialPrior prior) {
            return count(Strip::isTooLoose) >= ONE_WAY ? setup.dial().max() : prior.mean() + reach();
        }

        private double reach() {
            return FIRST_REACH * setup.numberOnDial();
        }

        Advice advice() {
            return notTheDial()
                    .or(this::settled)
                    .or(this::bothTooStrong)
                    .or(() -> contradicted().map(advice -> tooMany().orElse(advice)))
                    .or(this::endOfTheDial)
                    .or(this::kept)
                    .or(this::tooMany)
                    .orElseGet(() -> sewAt(next()));
        }

        private Optional<Advice> notTheDial() {
            int nests = lastInARow(Strip::isNest);
            if (nests > 0) {
                return Optional.of(
                        nests >= NESTS_FOR_A_TECHNICIAN
                                ? elsewhere(Action.TECHNICIAN, words.nestAgain())
                                : elsewhere(Action.RETHREAD, words.nest()));
            }
            int erratic = lastInARow(Strip::isErratic);
            if (erratic >= ERRATIC_TO_RETHREAD) {
                return Optional.of(
                        erratic >= ERRATIC_FOR_A_TECHNICIAN
                                ? elsewhere(Action.TECHNICIAN, words.erraticStill())
                                : elsewhere(Action.RETHREAD, words.erratic()));
            }
            if (lastInARow(Strip::brokeTheTopThreadOnly) >= BREAKS_TO_RETHREAD) {
                return Optional.of(elsewhere(Action.RETHREAD, words.topBreaks()));
            }
            Optional<Advice> noGrip = noGrip();
            if (noGrip.isPresent()) {
                return noGrip;
            }
            return lastInARow(Strip::brokeTheBobbinThread) > 0
                    ? Optional.of(elsewhere(
                            Action.BOBBIN,
                            count(Strip::brokeTheBobbinThread) == 1 ? words.bobbinBroke() : words.bobbinBreaks()))
                    : Optional.empty();
        }

        /** A dial that was turned far and changed nothing grips nothing, or does not reach what is wrong. */
        private Optional<Advice> noGrip() {
            if (strips.size() < ALIKE_FOR_NO_GRIP) {
                return Optional.empty();
            }
            List<Strip> last = strips.subList(strips.size() - ALIKE_FOR_NO_GRIP, strips.size());
            Strip one = last.get(0);
            double from = last.stream().mapToDouble(Strip::dial).min().orElse(0);
            double to = last.stream().mapToDouble(Strip::dial).max().orElse(0);
            boolean farApart = to - from >= NO_GRIP_OVER * setup.numberOnDial()
                    && last.stream().mapToDouble(Strip::dial).distinct().count() == ALIKE_FOR_NO_GRIP;
            if (!farApart || !last.stream().allMatch(one::looksLike) || Math.abs(one.step()) < FAR_OFF) {
                return Optional.empty();
            }
            return Optional.of(
                    one.isTooLoose()
                            ? elsewhere(Action.RETHREAD, words.noGrip(last))
                            : elsewhere(Action.BOBBIN, words.alwaysTight(last)));
        }

        /** What was seen outweighs what is believed: strips in a row that are clean at one dial settle it. */
        private Optional<Advice> settled() {
            List<Strip> told = strips.stream().filter(strip -> !strip.isNest()).toList();
            int enough = reader.cleanToSettle();
            if (told.size() < enough) {
                return Optional.empty();
            }
            double dial = told.get(told.size() - 1).dial();
            boolean settled = told.subList(told.size() - enough, told.size()).stream()
                    .allMatch(strip -> strip.isPlainlyClean() && Math.abs(strip.dial() - dial) < SAME);
            return settled ? Optional.of(keep(dial, enough)) : Optional.empty();
        }

        private Optional<Advice> bothTooStrong() {
            if (lastInARow(Strip::isBobbinTooStrong) > 0) {
                return Optional.of(elsewhere(Action.BOBBIN, words.bobbinTooStrong()));
            }
            boolean drawnUp = count(Strip::isDrawnUp) >= DRAWN_UP_FOR_THE_BOBBIN
                    || count(Strip::isLineOnBothFaces) >= LINES_FOR_THE_BOBBIN;
            return drawnUp ? Optional.of(elsewhere(Action.BOBBIN, words.bothTooStrong())) : Optional.empty();
        }

        /** Of two strips that contradict each other one was misread; the next one settles it, and nothing is kept before. */
        private Optional<Advice> contradicted() {
            if (strips.isEmpty()) {
                return Optional.empty();
            }
            int last = strips.size() - 1;
            for (int i = last - 1; i >= 0; i--) {
                if (strips.get(last).contradicts(strips.get(i))) {
                    return Optional.of(contradicted(i, last));
                }
            }
            return Optional.empty();
        }

        private Advice contradicted(int earlier, int last) {
            double dial = next();
            Advice believed = named(Action.SEW_STRIP, dial, words.settles(earlier, last, dial));
            return believed.contradicted(words.contradiction(earlier, last), CONTRADICTED);
        }

        private Optional<Advice> endOfTheDial() {
            if (posterior.chanceBalanced(best) >= END_IS_WRONG) {
                return Optional.empty();
            }
            double low = settings.lowest();
            double high = settings.highest();
            boolean atLow = (best <= low || posterior.chanceBelow(low) > END_IS_WRONG)
                    && anyAt(value -> value <= low, Strip::isTooTight);
            boolean atHigh = (best >= high || posterior.chanceBelow(high) < 1 - END_IS_WRONG)
                    && anyAt(value -> value >= high, Strip::isTooLoose);
            return atLow || atHigh
                    ? Optional.of(elsewhere(Action.BOBBIN, words.endOfTheDial(atLow)))
                    : Optional.empty();
        }

        private Optional<Advice> kept() {
            return sewnClean()
                    .filter(value -> posterior.chanceBalanced(value) >= KEEP_CONFIDENCE && !lastPointsAwayFrom(value))
                    .map(value -> keep(value, 1));
        }

        /** Too tight at or below a setting, or too loose at or above it, is no moment to keep it. */
        private boolean lastPointsAwayFrom(double dial) {
            Strip last = strips.get(strips.size() - 1);
            return last.isTooTight() && last.dial() <= dial || last.isTooLoose() && last.dial() >= dial;
        }

        private Advice keep(double dial, int cleanInARow) {
            double chance = posterior.chanceBalanced(dial);
            Optional<String> suspicion = words.suspicion(dial, true);
            String why = chance >= KEEP_CONFIDENCE
                    ? words.keep(dial, chance, suspicion.isPresent())
                    : words.keepAsSeen(dial, chance, cleanInARow, suspicion.isPresent());
            return advice(Action.KEEP, OptionalDouble.of(dial), why, suspicion);
        }

        /** Returns the likeliest of the settings that sewed a clean strip. */
        private Optional<Double> sewnClean() {
            return strips.stream()
                    .filter(Strip::isPlainlyClean)
                    .map(Strip::dial)
                    .filter(settings::reaches)
                    .max(Comparator.comparingDouble(posterior::chanceBalanced));
        }

        private Optional<Advice> tooMany() {
            return strips.size() >= MAX_STRIPS
                    ? Optional.of(elsewhere(Action.TECHNICIAN, words.tooMany()))
                    : Optional.empty();
        }

        /**
         * A setting that sewed clean is sewn again rather than one beside it that is hardly likelier, or that lies on the side
         * from which the last strip points away.
         */
        private double next() {
            double wanted = sewnClean().filter(this::isAsGood).orElseGet(this::notAgainst);
            return bracketed(wanted);
        }

        /** Between a slack and a tight strip lies balance, so the next one is sewn there; nowhere else where a step is left. */
        private double bracketed(double wanted) {
            OptionalDouble loose = strips.stream()
                    .filter(Strip::saysTooLoose)
                    .mapToDouble(Strip::dial)
                    .max();
            OptionalDouble tight = strips.stream()
                    .filter(Strip::saysTooTight)
                    .mapToDouble(Strip::dial)
                    .min();
            if (loose.isEmpty() || tight.isEmpty() || loose.getAsDouble() >= tight.getAsDouble()) {
                return wanted;
            }
            double low = loose.getAsDouble();
            double high = tight.getAsDouble();
            if (wanted > low && wanted < high) {
                return wanted;
            }
            double middle = settings.nearest((low + high) / 2);
            return middle > low && middle < high ? middle : Math.max(low, Math.min(high, wanted));
        }

        /** Where a strip far from what was expected says still farther, the next lies as near to it as one strip allows. */
        private double notAgainst() {
            if (strips.isEmpty() || sewnClean().isPresent()) {
                return best;
            }
            Strip last = strips.get(strips.size() - 1);
            if (last.isTooLoose() && best < last.dial()) {
                return settings.nearest(Math.min(last.dial(), highest));
            }
            return last.isTooTight() && best > last.dial() ? settings.nearest(Math.max(last.dial(), lowest)) : best;
        }

        private boolean isAsGood(double clean) {
            Strip last = strips.get(strips.size() - 1);
            boolean pointedAway = last.isTooTight() && best > clean || last.isTooLoose() && best < clean;
            return pointedAway
                    || last.isClean()
                            && posterior.chanceBalanced(clean) >= posterior.chanceBalanced(best) - HARDLY_LIKELIER;
        }

        private Advice sewAt(double dial) {
            return named(Action.SEW_STRIP, dial, words.sewAt(dial));
        }

        private Advice named(Action action, double dial, String why) {
            return advice(action, OptionalDouble.of(dial), why, words.suspicion(dial, false));
        }

        private Advice elsewhere(Action action, String why) {
            return advice(action, OptionalDouble.empty(), why, Optional.empty());
        }

        private Advice advice(Action action, OptionalDouble dial, String why, Optional<String> suspicion) {
            return new Advice(
                    action,
                    dial,
                    posterior.chanceBalanced(dial.orElse(best)),
                    onDial(posterior.quantile(0.1)),
                    onDial(posterior.quantile(0.5)),
                    onDial(posterior.quantile(0.9)),
                    why,
                    suspicion,
                    Optional.empty());
        }

        private double onDial(double place) {
            return Math.max(setup.dial().min(), Math.min(setup.dial().max(), place));
        }

        private int lastInARow(Predicate<Strip> like) {
            int count = 0;
            for (int i = strips.size() - 1; i >= 0 && like.test(strips.get(i)); i--) {
                count++;
            }
            return count;
        }

        private long count(Predicate<Strip> like) {
            return strips.stream().filter(like).count();
        }

        private boolean anyAt(Predicate<Double> place, Predicate<Strip> like) {
            return strips.stream().anyMatch(strip -> place.test(strip.dial()) && like.test(strip));
        }
    }
}
