package belonax.room.practice;

import belonax.BadInput;
import belonax.balance.Reading;
import belonax.balance.Slips;
import belonax.practice.Answered;
import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.Topic;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An answer to a drill. What was asked can be made again from its name, so only what counts later is kept beside it.
 *
 * @param reader who answered; empty for whoever gave no name
 * @param choice 0 to 3
 * @param truly what there was to read, where it counts in the reader's table; null elsewhere
 * @param seen what was seen, likewise
 */
@IsCard(CardKind.ANSWER)
public record DrillAnswer(
        String reader,
        String drill,
        String topic,
        int choice,
        boolean right,
        int grade,
        Instant at,
        @Nullable Reading truly,
        @Nullable Reading seen)
        implements Card {

    /** The longest name of a reader. */
    public static final int LONGEST_NAME = 40;

    private static final int BEST = 5;

    public DrillAnswer {
        Card.checkLength("reader", reader, LONGEST_NAME);
        Card.checkLength("topic", topic, LONGEST_NAME);
        DrillId.read(drill);
        checkChoice(choice);
        BadInput.unless(grade >= 0 && grade <= BEST, "grade", () -> "A grade lies between 0 and 5.");
    }

    /**
     * Judges an answer.
     *
     * @throws BadInput if a drill offers no such answer
     */
    public static DrillAnswer of(String reader, Drill drill, int choice, Instant at) {
        checkChoice(choice);
        boolean counts = drill.truly().isPresent() && !drill.seen().isEmpty();
        return new DrillAnswer(
                reader,
                drill.id().toString(),
                drill.topic().name(),
                choice,
                drill.isRight(choice),
                drill.grade(choice),
                at,
                counts ? drill.truly().get() : null,
                counts ? drill.seen().get(choice) : null);
    }

    private static void checkChoice(int choice) {
        BadInput.unless(
                choice >= 0 && choice < Drill.CHOICES,
                "choice",
                () -> "A drill offers four answers, counted from 0 to 3.");
    }

    /** Returns what the trainer goes by. */
    Answered answered(ZoneId zone) {
        DrillId id = DrillId.read(drill);
        return new Answered(
                new Topic(id.kind(), topic),
                right,
                grade,
                at.atZone(zone).toLocalDate().toEpochDay());
    }

    Optional<Slips.Read> read() {
        return truly == null || seen == null ? Optional.empty() : Optional.of(new Slips.Read(truly, seen));
    }

    @Override
    public String words() {
        return (reader.isEmpty() ? "an answer" : "an answer of " + reader) + " in practice";
    }

    @Override
    public String wordsToFind() {
        return (words() + " " + topic).toLowerCase(Locale.ROOT);
    }
}
