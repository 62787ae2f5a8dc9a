package belonax.practice;

import belonax.balance.Reading;
import java.util.List;
import java.util.Optional;

/**
 * One question with its answers.
 *
 * @param choices four answers, in the order of the keys 1 to 4
 * @param right which of them is right, 0 to 3
 * @param why the reason for the right one, a whole sentence
 * @param nearly which of the others are only one step off
 * @param truly what is to be read, where a sewist's table counts it
 * @param seen what was seen by whoever gives each answer; empty where no table counts it
 * @param text what is to be read where it is words; empty where it is drawn
 */
public record Drill(
        DrillId id,
        Topic topic,
        String question,
        List<String> choices,
        int right,
        String why,
        List<Integer> nearly,
        Optional<Reading> truly,
        List<Reading> seen,
        Optional<StripDrawing> strip,
        Optional<NeedleDrawing> needle,
        String text) {

    /** Answers that a drill offers. */
    public static final int CHOICES = 4;

    public Drill {
        choices = List.copyOf(choices);
        nearly = List.copyOf(nearly);
        seen = List.copyOf(seen);
        if (choices.size() != CHOICES || choices.stream().distinct().count() != CHOICES) {
            throw new IllegalArgumentException("A drill offers four different answers: " + choices);
        }
    }

    /** A drill that is words alone. */
    static Drill ofWords(DrillId id, String topic, String question, String text, Choices choices, String why) {
        return new Drill(
                id,
                new Topic(id.kind(), topic),
                question,
                choices.words(),
                choices.right(),
                why,
                List.of(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                text);
    }

    public String answer() {
        return choices.get(right);
    }

    public boolean isRight(int choice) {
        return choice == right;
    }

    /** Returns the grade of an answer, as {@link Repetition} asks for it: hard ones count more, a slip by one step less. */
    public int grade(int choice) {
        if (isRight(choice)) {
            return id.level() == DrillId.HARDEST ? 5 : 4;
        }
        return nearly.contains(choice) ? 2 : 1;
    }
}
