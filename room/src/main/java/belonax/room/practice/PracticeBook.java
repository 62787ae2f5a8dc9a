package belonax.room.practice;

import belonax.balance.Slips;
import belonax.practice.Answered;
import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.practice.Drills;
import belonax.practice.Trainer;
import belonax.room.card.CardType;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.usecase.TransactionLock;
import belonax.room.usecase.UseCase;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a sewist practises, one drill after another. */
@Service
public class PracticeBook {
    /** After so long without an answer another sitting begins. */
    private static final Duration PAUSE = Duration.ofMinutes(20);

    private final DrawerStore drawer;
    private final TransactionLock lock;
    private final Clock clock;
    private final Supplier<UUID> ids;

    PracticeBook(DrawerStore drawer, TransactionLock lock, Clock clock, Supplier<UUID> ids) {
        this.drawer = drawer;
        this.lock = lock;
        this.clock = clock;
        this.ids = ids;
    }

    /** Answers are kept as cards, so they go through undo, archive and copies like all of them. */
    @Configuration(proxyBeanMethods = false)
    static class Cards {
        @Bean
        CardType drillAnswer() {
            return new CardType(DrillAnswer.class);
        }
    }

    /**
     * An answer that was given.
     *
     * @param change by which it is taken back, where it was given just now
     * @param due the day on which it comes back
     */
    public record Given(DrillAnswer answer, Optional<UUID> change, LocalDate due) {}

    /**
     * How far today's sitting is.
     *
     * @param answers how many were given in it, and how many of those were right
     */
    public record Sitting(Duration left, int answers, int right) {
        /** It ends by itself. */
        public boolean isOver() {
            return left.isZero();
        }
    }

    /** Returns the next drill for a reader; asking changes nothing. */
    @Transactional(readOnly = true)
    public Drill next(String reader, Optional<DrillKind> kind) {
        long seed = ids.get().getLeastSignificantBits();
        return trainer(reader).next(kind, today().toEpochDay(), new SplittableRandom(seed));
    }

    /**
     * Takes an answer; the first one to a drill stands, however often it is sent.
     *
     * @throws belonax.BadInput if there is no such drill or answer
     */
    @UseCase
    public Given answer(String reader, String drill, int choice) {
        DrillAnswer answer = DrillAnswer.of(reader, Drills.make(DrillId.read(drill)), choice, clock.instant());
        lock.hold("drill", reader + " " + drill);
        Optional<DrillAnswer> before = given(reader, drill);
        Optional<UUID> change = before.isPresent()
                ? Optional.empty()
                : Optional.of(drawer.add(answer).change());
        return given(before.orElse(answer), change);
    }

    /** Returns the answer that was given to a drill. */
    @Transactional(readOnly = true)
    public Optional<Given> find(String reader, String drill) {
        return given(reader, drill).map(drillAnswer -> given(drillAnswer, Optional.empty()));
    }

    private Given given(DrillAnswer drillAnswer, Optional<UUID> change) {
        OptionalLong due = trainer(drillAnswer.reader())
                .due(drillAnswer.answered(clock.getZone()).topic());
        return new Given(drillAnswer, change, LocalDate.ofEpochDay(due.orElse(today().toEpochDay() + 1)));
    }

    private Optional<DrillAnswer> given(String reader, String drill) {
        return answers(reader).stream()
                .filter(drillAnswer -> drillAnswer.drill().equals(drill))
                .findFirst();
    }

    /** Returns what the reader's answers come to. */
    @Transactional(readOnly = true)
    public Trainer trainer(String reader) {
        List<Answered> past = answers(reader).stream()
                .map(drillAnswer -> drillAnswer.answered(clock.getZone()))
                .toList();
        return Trainer.of(past);
    }

    /** Returns what became surer since last week. */
    @Transactional(readOnly = true)
    public List<Trainer.Change> sinceLastWeek(String reader) {
        return trainer(reader).sinceLastWeek(today().toEpochDay());
    }

    /** Returns the sitting that is under way, or a new one. */
    @Transactional(readOnly = true)
    public Sitting sitting(String reader) {
        Instant now = clock.instant();
        List<DrillAnswer> answers = new ArrayList<>();
        Instant until = now;
        List<DrillAnswer> all = answers(reader);
        for (int i = all.size() - 1;
                i >= 0 && Duration.between(all.get(i).at(), until).compareTo(PAUSE) < 0;
                i--) {
            until = all.get(i).at();
            answers.add(all.get(i));
        }
        Duration left = Duration.ofMinutes(Trainer.SITTING_MINUTES).minus(Duration.between(until, now));
        int right = (int) answers.stream().filter(DrillAnswer::right).count();
        return new Sitting(left.isNegative() ? Duration.ZERO : left, answers.size(), right);
    }

    /** Returns how a reader reads strips, as far as drills tell. */
    List<Slips.Read> reads(String reader) {
        return answers(reader).stream()
                .flatMap(drillAnswer -> drillAnswer.read().stream())
                .toList();
    }

    /** Returns the names of all who ever answered, without the unnamed one. */
    @Transactional(readOnly = true)
    public List<String> readers() {
        return drawer.all(DrillAnswer.class).stream()
                .map(kept -> kept.card().reader())
                .filter(text -> !text.isEmpty())
                .distinct()
                .sorted()
                .toList();
    }

    private List<DrillAnswer> answers(String reader) {
        return drawer.all(DrillAnswer.class).stream()
                .map(Kept::card)
                .filter(drillAnswer -> drillAnswer.reader().equals(reader))
                .toList();
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }
}
