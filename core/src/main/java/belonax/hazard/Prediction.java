package belonax.hazard;

import belonax.needle.NeedleInUse;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/** What to expect of one needle on one job. Reasons are put into words only when somebody asks for them. */
public final class Prediction {
    /** A weight below this is not worth a sentence. */
    private static final double SPOKEN_OF = 0.15;

    private final Outlook outlook;
    private final NeedleInUse needle;
    private final Hazards hazards;
    private final Verdict limit;
    private final double expectedHarm;

    Prediction(Outlook outlook, NeedleInUse needle, Hazards hazards, Verdict limit) {
        this.outlook = outlook;
        this.needle = needle;
        this.hazards = hazards;
        this.limit = limit;
        this.expectedHarm = hazards.expectedHarm(outlook.job());
    }

    public NeedleInUse needle() {
        return needle;
    }

    public Hazards hazards() {
        return hazards;
    }

    /** Returns the best verdict that the factors which fired allow. */
    public Verdict limit() {
        return limit;
    }

    public double expectedHarm() {
        return expectedHarm;
    }

    /** Returns by how many sizes the needle lies outside those that are good for cloth and thread; 0 or less inside. */
    public double outsideBySizes() {
        return SizeRules.outsideBySizes(outlook.job(), needle);
    }

    /** Returns the same prediction with every hazard lowered by as many log-odds: what a success of this very set-up tells. */
    public Prediction loweredBy(double logOdds) {
        return movedBy(any -> -logOdds);
    }

    /** Returns the same prediction with one hazard raised by as many log-odds: what was seen to go wrong. */
    public Prediction raisedBy(Hazard hazard, double logOdds) {
        return movedBy(otherHazard -> otherHazard == hazard ? logOdds : 0);
    }

    private Prediction movedBy(ToDoubleFunction<Hazard> logOdds) {
        return new Prediction(
                outlook,
                needle,
                new Hazards(
                        moved(Hazard.SKIP, logOdds),
                        moved(Hazard.SHRED, logOdds),
                        moved(Hazard.BREAK, logOdds),
                        moved(Hazard.MARK, logOdds),
                        moved(Hazard.PUCKER, logOdds)),
                limit);
    }

    /** A hazard that nothing moves stays to the last digit. */
    private double moved(Hazard hazard, ToDoubleFunction<Hazard> logOdds) {
        double by = logOdds.applyAsDouble(hazard);
        double chance = hazards.of(hazard);
        return by == 0 ? chance : Hazards.chance(Hazards.logOdds(chance) + by);
    }

    /** Tells whether machine or wear rules it out, which no success elsewhere can lift. */
    public boolean isRuledOutByMachineOrWear() {
        return limits().anyMatch(firing -> firing.limit() == Verdict.AVOID
                && (firing.factor().part() == Part.MACHINE || firing.factor().part() == Part.NEEDLE_WEAR));
    }

    /** Tells whether it would strike plate or foot, or stand wrongly in the machine. */
    public boolean isStruckByPlateOrFoot() {
        return limits().anyMatch(firing -> firing.limit() == Verdict.AVOID
                && firing.factor().part() == Part.MACHINE
                && outlook.job().systems().contains(needle.needle().system()));
    }

    /** Returns why, the weightiest first: what moves the expected harm most. */
    public List<Reason> reasons() {
        List<Reason> reasons = new ArrayList<>();
        for (Firing firing : outlook.factors(needle)) {
            double weight = firing.weight(needle);
            if (Math.abs(weight) >= SPOKEN_OF) {
                reasons.add(
                        new Reason(firing.factor().hazard(), firing.factor().part(), weight, firing.reason(needle)));
            }
        }
        reasons.sort(Comparator.comparingDouble(this::harmMoved).reversed());
        return reasons;
    }

    /** Returns the best verdict that the job leaves to this needle, whatever the rules say of the needle itself. */
    public Verdict cap() {
        Job job = outlook.job();
        Verdict byLimits = limitsOfTheJob();
        boolean disagree = !needle.needle().point().isWinged() && job.windowsMissEachOther(needle.needle());
        return disagree ? byLimits.or(Verdict.CAN_PASS) : byLimits;
    }

    /** Returns the best verdict that the limits of foot, motor, hook and plate leave to this needle. */
    public Verdict limitsOfTheJob() {
        return outlook.job().limits().cap(needle.needle());
    }

    /** Returns why this needle is limited to its verdict, in the order of the rules; empty when nothing limits it. */
    public List<String> limitReasons() {
        return limits().filter(firing -> firing.limit() == limit)
                .sorted(Comparator.comparing(firing -> firing.factor().part() != Part.MACHINE))
                .map(firing -> firing.reason(needle))
                .toList();
    }

    /**
     * Returns what decides a verdict that is not good, the most pressing first: a strike or a wrong system, a limit of the job,
     * what rules say of the needle, and then what raises the harm most.
     */
    public List<String> deciding(Verdict verdict) {
        Stream<String> ofTheMachine = limits().filter(
                        firing -> firing.limit() == verdict && firing.factor().part() == Part.MACHINE)
                .map(firing -> firing.reason(needle));
        Stream<String> ofTheJob = outlook.job().limits().binding().stream()
                .filter(limit -> limit.verdict() == verdict && limitsOfTheJob() == verdict)
                .map(Limit::text);
        Stream<String> ofTheNeedle =
                limits().filter(firing -> firing.limit() == verdict).map(firing -> firing.reason(needle));
        Stream<String> raising = reasons().stream().filter(Reason::raises).map(Reason::text);
        return Stream.of(ofTheMachine, ofTheJob, ofTheNeedle, raising)
                .flatMap(stream -> stream)
                .distinct()
                .toList();
    }

    private Stream<Firing> limits() {
        return outlook.factors(needle).stream()
                .filter(firing -> firing.limit() != Verdict.GOOD && firing.weight(needle) != 0);
    }

    private double harmMoved(Reason reason) {
        double chance = hazards.of(reason.hazard());
        double without = Hazards.chance(Hazards.logOdds(chance) - reason.weight());
        return Math.abs(Hazards.harm(reason.hazard(), chance, outlook.job())
                - Hazards.harm(reason.hazard(), without, outlook.job()));
    }
}
