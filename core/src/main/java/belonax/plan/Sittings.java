package belonax.plan;

import belonax.BadInput;
import belonax.plan.JobPlan.Planned;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Cuts an order into evenings: as few as can be, and of these cuts the one that leaves the fewest minutes of changing inside an
 * evening, so that a needle or a thread is changed before one sits down. No step is cut unless it is longer than an evening.
 * Source: docs/craft.md, "Planning a job".
 */
public final class Sittings {
    private static final double A_LITTLE = 1e-9;

    private final List<Planned> steps;
    private final double evening;
    private final Best[] from;

    /**
     * One evening.
     *
     * @param minutes with what is changed in it
     */
    public record Sitting(List<Piece> pieces, double minutes) {
        public Sitting {
            pieces = List.copyOf(pieces);
        }
    }

    /**
     * A step, or as much of it as an evening holds.
     *
     * @param minutes at the needle
     * @param goesOn whether it was begun an evening before
     */
    public record Piece(Planned step, double minutes, boolean goesOn) {}

    /** The best way on from a step that begins an evening: how many evenings, and how much changing inside them. */
    private record Best(int evenings, double inside, int next) {
        boolean beats(@Nullable Best other) {
            return other == null
                    || evenings < other.evenings
                    || evenings == other.evenings && inside < other.inside - A_LITTLE;
        }
    }

    private Sittings(List<Planned> steps, double evening) {
        this.steps = steps;
        this.evening = evening;
        this.from = new Best[steps.size() + 1];
    }

    /**
     * Cuts an order.
     *
     * @param minutes of an evening, 10 to 1440
     */
    public static List<Sitting> cut(List<Planned> steps, double minutes) {
        BadInput.unless(
                minutes >= 10 && minutes <= 1440, "evening", () -> "An evening has 10 minutes to a day; 90 is usual.");
        return new Sittings(steps, minutes).cut();
    }

    private List<Sitting> cut() {
        from[steps.size()] = new Best(0, 0, steps.size());
        for (int i = steps.size() - 1; i >= 0; i--) {
            from[i] = best(i);
        }
        List<Sitting> all = new ArrayList<>();
        for (int i = 0; i < steps.size(); i = from[i].next()) {
            all.addAll(sittings(i, from[i].next()));
        }
        return all;
    }

    /** Tries all ends of what is begun with a step; a later end is taken where it costs no more. */
    private Best best(int first) {
        Best best = null;
        double minutes = 0;
        double inside = 0;
        for (int next = first; next < steps.size(); next++) {
            Planned planned = steps.get(next);
            if (next > first && isLong(planned)) {
                break;
            }
            minutes += minutes(planned);
            inside += next == first ? 0 : planned.changeoverMinutes();
            int evenings = Math.max(1, (int) Math.ceil(minutes / evening - A_LITTLE));
            boolean fits = evenings == 1 || isLong(steps.get(first)) && evenings == evenings(steps.get(first));
            if (!fits) {
                break;
            }
            Best rest = from[next + 1];
            Best whole = new Best(evenings + rest.evenings(), inside + rest.inside(), next + 1);
            best = best == null || !best.beats(whole) ? whole : best;
        }
        return best == null ? new Best(evenings(steps.get(first)) + from[first + 1].evenings(), 0, first + 1) : best;
    }

    private int evenings(Planned planned) {
        return Math.max(1, (int) Math.ceil(minutes(planned) / evening - A_LITTLE));
    }

    private boolean isLong(Planned planned) {
        return minutes(planned) > evening + A_LITTLE;
    }

    private static double minutes(Planned planned) {
        return planned.changeoverMinutes() + planned.use().minutes();
    }

    /** Only the first of these steps can be longer than an evening. */
    private List<Sitting> sittings(int first, int next) {
        List<Sitting> all = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        double used = 0;
        for (Planned planned : steps.subList(first, next)) {
            used += planned.changeoverMinutes();
            double left = planned.use().minutes();
            boolean goesOn = false;
            while (used + left > evening + A_LITTLE) {
                double now = Math.max(0, evening - used);
                pieces.add(new Piece(planned, now, goesOn));
                all.add(new Sitting(pieces, evening));
                pieces = new ArrayList<>();
                left -= now;
                used = 0;
                goesOn = true;
            }
            pieces.add(new Piece(planned, left, goesOn));
            used += left;
        }
        all.add(new Sitting(pieces, used));
        return all;
    }
}
