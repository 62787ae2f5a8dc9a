package belonax.room.trouble;

import belonax.BadInput;
import belonax.fault.CheckId;
import belonax.fault.Glance;
import belonax.fault.Glance.Look;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.room.Words;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import belonax.room.event.TableWork;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A trouble with its search, from the first symptom to what cured it.
 *
 * @param cloth the cloth's id, in the catalogue or the drawer
 * @param stackWords cloth and layers in words
 * @param spool the id of the spool that is on the machine; null when it is none of the drawer's
 * @param work what was sewn; null in cases of before it was kept whole
 * @param glance what was seen of the parts as they were found; null before it was asked
 * @param foundDial where the dial stood when the trouble was found; null when it was not read
 * @param steps the checks that were made, in their order
 */
@IsCard(CardKind.CASE)
public record MendCase(
        String machineId,
        String machineName,
        List<Symptom> symptoms,
        List<When> when,
        SearchSchool school,
        String cloth,
        String stackWords,
        int layers,
        @Nullable String spool,
        @Nullable TableWork work,
        @Nullable Map<Glance, Look> glance,
        @Nullable Double foundDial,
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

    /**
     * A check that was made.
     *
     * @param action what was recorded in the room with it; null when nothing was
     * @param drawerChange what was changed in the drawer with it; null when nothing was
     */
    public record Step(
            CheckId check,
            String title,
            Result result,
            double minutes,
            @Nullable UUID action,
            @Nullable UUID drawerChange) {}

    public MendCase {
        symptoms = List.copyOf(symptoms);
        when = List.copyOf(when);
        // In the order of the parts, so that a card is always written the same way.
        glance = glance == null ? null : Collections.unmodifiableMap(new TreeMap<>(glance));
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

    /** Tells whether one of its answers was recorded with this action. */
    boolean hasStepOf(UUID action) {
        return steps.stream().anyMatch(step -> action.equals(step.action()));
    }

    /** Returns the case without the answer that was recorded with this action; a cure that is gone leaves it open. */
    MendCase withoutStepOf(UUID action) {
        List<Step> left =
                steps.stream().filter(step -> !action.equals(step.action())).toList();
        return with(left, state == State.CURED ? State.OPEN : state);
    }

    /** Returns the last check that was made, if any was. */
    public Optional<Step> last() {
        return steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(steps.size() - 1));
    }

    /** Returns the case with what was seen as it was found; nothing when nobody looked. */
    public MendCase glanced(Map<Glance, Look> seen, @Nullable Double dial) {
        return copy(seen, dial, steps, state);
    }

    /** Returns a case that was put aside as it goes on; a cured one stays cured. */
    public MendCase resumed() {
        return with(steps, state == State.ASIDE ? State.OPEN : state);
    }

    public MendCase aside() {
        return with(steps, State.ASIDE);
    }

    /** Returns the checks that came to this, by their ids. */
    public List<CheckId> checks(Result result) {
        return steps.stream()
                .filter(step -> step.result() == result)
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
        return copy(glance, foundDial, all, now);
    }

    private MendCase copy(@Nullable Map<Glance, Look> seen, @Nullable Double dial, List<Step> all, State now) {
        return new MendCase(
                machineId,
                machineName,
                symptoms,
                when,
                school,
                cloth,
                stackWords,
                layers,
                spool,
                work,
                seen,
                dial,
                all,
                now,
                begunOn);
    }
}
