package belonax.plan;

import belonax.match.Recommendation;
import belonax.needle.Needle;
import java.util.List;
import java.util.Optional;

/**
 * A job put in order.
 *
 * @param steps in the order in which they are sewn
 * @param groups the steps again, those that one needle sews together
 * @param changes what the order costs
 * @param asEntered what the order in which they were entered would cost
 * @param proven whether no order costs less
 * @param bobbins how many bobbins are wound for it
 */
public record JobPlan(
        List<Planned> steps, List<Group> groups, Changes changes, Changes asEntered, boolean proven, int bobbins) {
    /** Minutes for a new needle. */
    public static final double NEEDLE_MINUTES = 4;
    /** Minutes for another thread. */
    public static final double THREAD_MINUTES = 1.5;
    /** Minutes for balancing anew. */
    public static final double BALANCE_MINUTES = 5;

    public JobPlan {
        steps = List.copyOf(steps);
        groups = List.copyOf(groups);
    }

    /**
     * A step in its place.
     *
     * @param index where it stood as it was entered, from 0
     * @param needle what sews it
     * @param dial where the top dial is likely to stand
     * @param newNeedle whether the needle is changed before it
     * @param newThread whether the thread is changed before it
     * @param newBalance whether the dial is likely to be moved before it
     */
    public record Planned(
            int index,
            Step step,
            StepUse use,
            Recommendation needle,
            double dial,
            boolean newNeedle,
            boolean newThread,
            boolean newBalance) {

        /** Returns the minutes that are spent before its first stitch. */
        public double changeoverMinutes() {
            return (newNeedle ? NEEDLE_MINUTES : 0)
                    + (newThread ? THREAD_MINUTES : 0)
                    + (newBalance ? BALANCE_MINUTES : 0);
        }
    }

    /**
     * Steps that one needle sews.
     *
     * @param station the machine
     * @param from where it comes from
     * @param hours that these steps cost it
     * @param lasts effective hours that the needle has
     */
    public record Group(
            String station, Recommendation needle, From from, double hours, double lasts, List<Planned> steps) {
        private static final double A_LITTLE = 1e-9;

        public Group {
            steps = List.copyOf(steps);
        }

        /** Tells whether its one step takes more hours than a needle has: it has to be changed in it. */
        public boolean outlasted() {
            return hours > lasts + A_LITTLE;
        }

        /** Returns how many needles it takes: one, where none is outlasted. */
        public int needles() {
            return Math.max(1, (int) Math.ceil(hours / lasts - A_LITTLE));
        }
    }

    /** Where a needle comes from. */
    public enum From {
        IN_THE_MACHINE,
        PARKED,
        AN_EARLIER_STEP,
        NEW
    }

    public double minutes() {
        return steps.stream().mapToDouble(planned -> planned.use().minutes()).sum();
    }

    public double changeoverMinutes() {
        return steps.stream().mapToDouble(Planned::changeoverMinutes).sum();
    }

    public double topMetres() {
        return steps.stream().mapToDouble(planned -> planned.use().topMetres()).sum();
    }

    public double bobbinMetres() {
        return steps.stream()
                .mapToDouble(planned -> planned.use().bobbinMetres())
                .sum();
    }

    /** Returns how many needles it takes; those that come back are counted once. */
    public int needles() {
        return groups.stream()
                .filter(group -> group.from() != From.AN_EARLIER_STEP)
                .mapToInt(Group::needles)
                .sum();
    }

    /** Returns the needles that have to come out of a packet, one entry each. */
    public List<Needle> newNeedles() {
        return groups.stream()
                .filter(group -> group.from() == From.NEW)
                .map(group -> group.needle().needle())
                .toList();
    }

    /** Returns a step by its id. */
    public Optional<Planned> find(String id) {
        return steps.stream().filter(planned -> planned.step().id().equals(id)).findFirst();
    }
}
