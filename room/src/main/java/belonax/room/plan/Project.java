package belonax.room.plan;

import belonax.BadInput;
import belonax.plan.JobPlanner;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something that is being made, with its steps in the order in which they were entered.
 *
 * @param eveningMinutes how long one sews in an evening, 10 to 1440
 * @param days the days of the week on which that is; all of them where none is named
 * @param added how many steps were ever added, from which the next one has its id
 */
@IsCard(CardKind.PROJECT)
public record Project(String name, List<ProjectStep> steps, int eveningMinutes, Set<DayOfWeek> days, int added)
        implements Card {
    private static final int USUAL_EVENING = 90;

    public Project {
        name = name.strip();
        steps = List.copyOf(steps);
        days = new TreeSet<>(days);
        BadInput.unless(!name.isBlank(), "name", () -> "Give it a name, such as “carnival cloak”.");
        Card.checkLength("name", name, 80);
        BadInput.unless(
                eveningMinutes >= 10 && eveningMinutes <= 1440,
                "evening",
                () -> "An evening has 10 minutes to a day; 90 is usual.");
        int open = (int)
                steps.stream().filter(projectStep -> !projectStep.isDone()).count();
        BadInput.unless(
                open <= JobPlanner.MAX_STEPS,
                "steps",
                () -> "A project has at most " + JobPlanner.MAX_STEPS + " steps to sew. Plan it in two parts.");
    }

    /** Returns a project without steps. */
    public static Project named(String name) {
        return new Project(name, List.of(), USUAL_EVENING, Set.of(), 0);
    }

    public Optional<ProjectStep> find(String id) {
        return steps.stream().filter(projectStep -> projectStep.id().equals(id)).findFirst();
    }

    /**
     * Returns a step.
     *
     * @throws BadInput if there is none
     */
    public ProjectStep get(String id) {
        return find(id).orElseThrow(() -> new BadInput("step", "That step is no longer in this project."));
    }

    Project with(ProjectStep step) {
        List<ProjectStep> more = new ArrayList<>(steps);
        more.add(step.called("s" + (added + 1)));
        return new Project(name, more, eveningMinutes, days, added + 1);
    }

    /** Adds steps that name each other by ids of their own; here they get the next ones. */
    Project withAll(List<ProjectStep> told) {
        Map<String, String> ids = new HashMap<>();
        for (int i = 0; i < told.size(); i++) {
            String id = told.get(i).id();
            BadInput.unless(
                    id.isEmpty() || ids.put(id, "s" + (added + i + 1)) == null,
                    "id",
                    () -> "Two steps are called “" + id + "”. Give each its own id.");
        }
        List<ProjectStep> more = new ArrayList<>(steps);
        for (int i = 0; i < told.size(); i++) {
            more.add(told.get(i).called("s" + (added + i + 1)).waitingFor(renamed(told.get(i), ids)));
        }
        return new Project(name, more, eveningMinutes, days, added + told.size());
    }

    private static Set<String> renamed(ProjectStep step, Map<String, String> ids) {
        Set<String> after = new TreeSet<>();
        for (String text : step.after()) {
            String id = ids.get(text);
            if (id == null) {
                throw new BadInput("after", "No step is called “" + text + "”. Name one of the same file, or none.");
            }
            after.add(id);
        }
        return after;
    }

    Project change(String id, UnaryOperator<ProjectStep> change) {
        get(id);
        return withSteps(steps.stream()
                .map(projectStep -> projectStep.id().equals(id) ? change.apply(projectStep) : projectStep));
    }

    Project without(String id) {
        get(id);
        return withSteps(steps.stream()
                .filter(projectStep -> !projectStep.id().equals(id))
                .map(projectStep -> projectStep.without(id)));
    }

    /**
     * Has a step sewn after another one; a wish for the contrary is let go.
     *
     * @throws BadInput if that one has to wait for it
     */
    Project pinned(String step, String after) {
        Project free = change(after, projectStep -> {
            Set<String> others = new TreeSet<>(projectStep.pinned());
            others.remove(step);
            return projectStep.pinnedAfter(others);
        });
        BadInput.unless(
                !free.waits(after, step, new HashSet<>()),
                "step",
                () -> "“" + get(after).name() + "” waits for “" + get(step).name()
                        + "”, by way of other steps perhaps. Let it wait no longer first.");
        return free.change(step, projectStep -> {
            Set<String> others = new TreeSet<>(projectStep.pinned());
            others.add(after);
            return projectStep.pinnedAfter(others);
        });
    }

    private boolean waits(String id, String other, Set<String> seen) {
        return seen.add(id)
                && find(id).stream()
                        .flatMap(projectStep -> projectStep.waitsFor().stream())
                        .anyMatch(text -> text.equals(other) || waits(text, other, seen));
    }

    /** Wishes that no step holds to any more are let go. */
    Project unpinned() {
        return withSteps(steps.stream().map(projectStep -> projectStep.pinnedAfter(Set.of())));
    }

    Project sewnOn(int minutes, Set<DayOfWeek> evenings) {
        return new Project(name, steps, minutes, evenings, added);
    }

    private Project withSteps(Stream<ProjectStep> changed) {
        return new Project(name, changed.toList(), eveningMinutes, days, added);
    }

    @Override
    public String words() {
        return name;
    }

    @Override
    public String wordsToFind() {
        return Stream.concat(
                        Stream.of(name),
                        steps.stream()
                                .map(projectStep -> projectStep.name() + " "
                                        + projectStep.work().words()))
                .collect(Collectors.joining(" "))
                .toLowerCase(Locale.ROOT);
    }
}
