package belonax.web.shared.drawer;

import belonax.BadInput;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.web.shared.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A trouble with its search, from the first symptom to what cured it.
 *
 * @param cloth the cloth's id, in the catalogue or the drawer
 * @param stackWords cloth and layers in words
 * @param steps the checks that were made, in their order
 */
public record MendCase(
        String machineId,
        String machineName,
        List<Symptom> symptoms,
        List<When> when,
        SearchSchool school,
        String cloth,
        String stackWords,
        int layers,
        List<Step> steps,
        State state,
        LocalDate begunOn)
        implements Card {

    /** How far it is. */
    public enum State {
        OPEN,
        CURED,
        ASIDE
    }

    /** What a check came to. */
    public enum Result {
        NOT_IT("not it"),
        CURED("that was it"),
        STILL("found and put right, it still does it"),
        CANNOT("could not be done");

        private final String words;

        Result(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A check that was made. */
    public record Step(String check, String title, Result result, double minutes) {}

    public MendCase {
        symptoms = List.copyOf(symptoms);
        when = List.copyOf(when);
        steps = List.copyOf(steps);
        BadInput.unless(
                !symptoms.isEmpty(), "symptoms", () -> "Choose what you see, hear or feel: at least one picture.");
    }

    /** Returns the case after one more check. */
    public MendCase after(Step step) {
        List<Step> all = new ArrayList<>(steps);
        all.add(step);
        return with(all, step.result() == Result.CURED ? State.CURED : state);
    }

    /** Returns the case before its last check. */
    public MendCase beforeTheLast() {
        return with(steps.subList(0, Math.max(0, steps.size() - 1)), State.OPEN);
    }

    public MendCase aside() {
        return with(steps, State.ASIDE);
    }

    /** Returns the checks that came to this, by their ids. */
    public List<String> checks(Result result) {
        return steps.stream()
                .filter(it -> it.result() == result)
                .map(Step::check)
                .toList();
    }

    public double minutes() {
        return steps.stream().mapToDouble(Step::minutes).sum();
    }

    @Override
    public Optional<String> machine() {
        return Optional.of(machineId);
    }

    @Override
    public boolean isOpen() {
        return state == State.OPEN;
    }

    @Override
    public String words() {
        return Words.capital(symptoms.stream().map(Symptom::words).collect(Collectors.joining(", "))) + " on "
                + machineName;
    }

    @Override
    public String wordsToFind() {
        return (words() + " " + stackWords + " "
                        + steps.stream().map(Step::title).collect(Collectors.joining(" ")))
                .toLowerCase(Locale.ROOT);
    }

    private MendCase with(List<Step> all, State now) {
        return new MendCase(
                machineId, machineName, symptoms, when, school, cloth, stackWords, layers, all, now, begunOn);
    }
}
