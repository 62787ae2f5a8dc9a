package belonax.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.random.RandomGenerator;

/**
 * Decides what is asked next: what is due comes back first, then what was never asked; how hard it is follows how surely it was
 * answered. Half of all that is asked are strips. Source: docs/craft.md, "Practice".
 */
public final class Trainer {
    /** A sitting ends by itself after so many minutes. */
    public static final int SITTING_MINUTES = 5;

    private static final int TRIES = 60;
    private static final int SURE_AFTER = 2;
    private static final int WEEK = 7;
    /** So many other drills lie between two of one topic. */
    private static final int REST = 3;
    /** Fewer answers than this on either side say nothing about a change. */
    private static final int ENOUGH = 4;

    private static final double SURER = 0.1;
    private static final double STRIPS_SHARE = 0.5;

    private final List<Answered> past;
    private final Map<Topic, Standing> standings = new HashMap<>();

    /** How one topic stands. */
    private record Standing(Repetition repetition, long last, boolean again, int rightInARow) {
        static final Standing NONE = new Standing(Repetition.NEW, 0, false, 0);

        Standing after(Answered answered) {
            int grade = answered.right() && again ? 3 : answered.grade();
            return new Standing(
                    repetition.after(grade), answered.day(), grade < 3, answered.right() ? rightInARow + 1 : 0);
        }

        /** What was answered badly comes back at once, as the algorithm's last step has it. */
        long due() {
            return again ? last : last + repetition.days();
        }
    }

    private Trainer(List<Answered> past) {
        this.past = past;
        past.forEach(answered -> standings.merge(
                answered.topic(), Standing.NONE.after(answered), (before, first) -> before.after(answered)));
    }

    /** Looks at all that a sewist answered, in its order. */
    public static Trainer of(List<Answered> past) {
        return new Trainer(List.copyOf(past));
    }

    /** Returns the day on which a topic comes back; empty where it was never answered. */
    public OptionalLong due(Topic topic) {
        Standing standing = standings.get(topic);
        return standing == null
                ? OptionalLong.empty()
                : OptionalLong.of(standing.last() + standing.repetition().days());
    }

    /** Returns how hard the next of a topic is, 0 to {@link DrillId#HARDEST}. */
    public int level(Topic topic) {
        return Math.min(
                DrillId.HARDEST, standings.getOrDefault(topic, Standing.NONE).rightInARow() / SURE_AFTER);
    }

    /**
     * Returns the next drill.
     *
     * @param kind of what kind; empty for any
     */
    public Drill next(Optional<DrillKind> kind, long today, RandomGenerator random) {
        Drill best = draw(kind.orElseGet(() -> any(random)), random);
        double most = urgency(best, today);
        for (int i = 1; i < TRIES && most < Double.MAX_VALUE; i++) {
            Drill other = draw(best.id().kind(), random);
            double urgency = urgency(other, today);
            if (urgency > most) {
                best = other;
                most = urgency;
            }
        }
        return best;
    }

    private static DrillKind any(RandomGenerator random) {
        DrillKind[] all = DrillKind.values();
        return random.nextDouble() < STRIPS_SHARE ? DrillKind.STRIP : all[1 + random.nextInt(all.length - 1)];
    }

    /** A drill as hard as its topic is known; what topic it is of shows only once it is made. */
    private Drill draw(DrillKind kind, RandomGenerator random) {
        long seed = random.nextLong();
        Drill easy = Drills.make(DrillId.of(kind, 0, seed));
        int level = level(easy.topic());
        Drill asHard = level == 0 ? easy : Drills.make(DrillId.of(kind, level, seed));
        return asHard.topic().equals(easy.topic()) ? asHard : easy;
    }

    /** What was missed and what is overdue come first, then what is new, then what is due last; what was asked just now not at all. */
    private double urgency(Drill drill, long today) {
        Standing standing = standings.get(drill.topic());
        boolean isFresh = past.stream()
                .skip(Math.max(0, past.size() - REST))
                .anyMatch(answered -> answered.topic().equals(drill.topic()));
        if (isFresh) {
            return -Double.MAX_VALUE;
        }
        if (standing == null) {
            return 0;
        }
        long over = today - standing.due();
        return over >= 0 ? 1 + over : over;
    }

    /** What became surer, or less sure. */
    public record Change(Topic topic, double before, double now) {
        public boolean isSurer() {
            return now > before;
        }
    }

    /** Returns what is surer than it was a week ago, or less sure, the greatest change first. */
    public List<Change> sinceLastWeek(long today) {
        Map<Topic, List<Answered>> byTopic = new LinkedHashMap<>();
        past.forEach(answered -> byTopic.computeIfAbsent(answered.topic(), any -> new ArrayList<>())
                .add(answered));
        List<Change> changes = new ArrayList<>();
        byTopic.forEach((topic, all) -> {
            List<Answered> before = all.stream()
                    .filter(answered -> answered.day() <= today - WEEK)
                    .toList();
            List<Answered> now = all.subList(before.size(), all.size());
            if (before.size() >= ENOUGH && now.size() >= ENOUGH) {
                Change change = new Change(topic, right(before), right(now));
                if (Math.abs(change.now() - change.before()) >= SURER) {
                    changes.add(change);
                }
            }
        });
        changes.sort(Comparator.comparingDouble(otherChange -> -Math.abs(otherChange.now() - otherChange.before())));
        return changes;
    }

    private static double right(List<Answered> some) {
        return (double) some.stream().filter(Answered::right).count() / some.size();
    }
}
