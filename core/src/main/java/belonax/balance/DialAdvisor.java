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
    static final int MOST_STRIPS = 12;

    private static final int MOST_READ = 40;
    private static final int MOST_PAST = 200;
    private static final int NESTS_FOR_A_TECHNICIAN = 3;
    private static final int ERRATIC_TO_RETHREAD = 2;
    private static final int ERRATIC_FOR_A_TECHNICIAN = 4;
    private static final int DRAWN_UP_FOR_THE_BOBBIN = 3;
    /** At the end of the dial it is the bobbin's turn once the end itself is more likely wrong than right. */
    private static final double END_IS_WRONG = 0.5;

    private static final double HARDLY_LIKELIER = 0.02;

    private DialAdvisor() {}

    /**
     * Returns what to do next.
     *
     * @param past what was balanced on this machine before, at most 200
     * @param strips what was sewn so far with this thread and bobbin, in its order, at most 40
     * @throws BadInput if there are more of them
     */
    public static Advice advise(BalanceSetup setup, List<PastBalance> past, List<Strip> strips) {
        return opinion(setup, past, strips).advice();
    }

    /** Advice with the posterior that it comes of, for drawing it. */
    public record Opinion(Advice advice, DialPosterior posterior) {}

    /** Does the same as {@link #advise}, and returns what is believed too. */
    public static Opinion opinion(BalanceSetup setup, List<PastBalance> past, List<Strip> strips) {
        BadInput.unless(strips.size() <= MOST_READ, "strips", () -> "Name at most 40 strips.");
        BadInput.unless(past.size() <= MOST_PAST, "past", () -> "Name at most 200 past balances.");
        Case asked = new Case(setup, past, strips);
        return new Opinion(asked.advice(), asked.posterior);
    }

    /** Returns what a dial tells that was found at this place, if it is outside its band. */
    public static Optional<String> whatItTells(BalanceSetup setup, double found) {
        return new DialWords(setup, 0, List.of()).suspicion(found, true);
    }

    /** One question with what is worked out for it. */
    private static final class Case {
        private final BalanceSetup setup;
        private final List<Strip> strips;
        private final DialPosterior posterior;
        private final DialSettings settings;
        private final DialWords words;
        private final double best;

        Case(BalanceSetup setup, List<PastBalance> past, List<Strip> strips) {
            this.setup = setup;
            this.strips = strips;
            this.posterior = DialPosterior.of(setup, past, strips);
            this.settings = DialSettings.of(setup.dial());
            this.words = new DialWords(setup, past.size(), strips);
            this.best = settings.best(posterior);
        }

        Advice advice() {
            return notTheDial()
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
            if (strips.stream().anyMatch(it -> it.isClean() && it.also().contains(Also.BOBBIN_BROKE))) {
                return Optional.of(elsewhere(Action.BOBBIN, words.bobbinBreaks()));
            }
            return strips.stream().filter(Strip::isDrawnUp).count() >= DRAWN_UP_FOR_THE_BOBBIN
                    ? Optional.of(elsewhere(Action.BOBBIN, words.bothTooStrong()))
                    : Optional.empty();
        }

        private Optional<Advice> endOfTheDial() {
            if (posterior.chanceBalanced(best) >= END_IS_WRONG) {
                return Optional.empty();
            }
            boolean atLow = best <= settings.lowest() && anyAt(it -> it <= settings.lowest(), Strip::isTooTight);
            boolean atHigh = best >= settings.highest() && anyAt(it -> it >= settings.highest(), Strip::isTooLoose);
            return atLow || atHigh
                    ? Optional.of(elsewhere(Action.BOBBIN, words.endOfTheDial(atLow)))
                    : Optional.empty();
        }

        private Optional<Advice> kept() {
            return sewnClean()
                    .filter(it -> posterior.chanceBalanced(it) >= KEEP_CONFIDENCE)
                    .map(it -> named(Action.KEEP, it, words.keep(it, posterior.chanceBalanced(it))));
        }

        /** Returns the likeliest of the settings that sewed a clean strip. */
        private Optional<Double> sewnClean() {
            return strips.stream()
                    .filter(Strip::isClean)
                    .map(Strip::dial)
                    .filter(settings::reaches)
                    .max(Comparator.comparingDouble(posterior::chanceBalanced));
        }

        private Optional<Advice> tooMany() {
            return strips.size() >= MOST_STRIPS
                    ? Optional.of(elsewhere(Action.TECHNICIAN, words.tooMany()))
                    : Optional.empty();
        }

        /** A setting that sewed clean is sewn again rather than one beside it that is hardly likelier. */
        private double next() {
            return sewnClean()
                    .filter(it -> posterior.chanceBalanced(it) >= posterior.chanceBalanced(best) - HARDLY_LIKELIER)
                    .orElse(best);
        }

        private Advice sewAt(double dial) {
            return named(Action.SEW_STRIP, dial, words.sewAt(dial));
        }

        private Advice named(Action action, double dial, String why) {
            return advice(action, OptionalDouble.of(dial), why, words.suspicion(dial, action == Action.KEEP));
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
                    suspicion);
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

        private boolean anyAt(Predicate<Double> place, Predicate<Strip> like) {
            return strips.stream().anyMatch(it -> place.test(it.dial()) && like.test(it));
        }
    }
}
