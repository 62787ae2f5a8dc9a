package belonax.fault;

import belonax.LogOdds;
import belonax.balance.BobbinPull.Pull;
import belonax.fault.Check.Needs;
import belonax.fault.Glance.Look;
import belonax.fault.Trouble.MachineState;
import belonax.hazard.Hazard;
import belonax.hazard.Reason;
import belonax.machine.MotorPower;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What is known beside the symptoms, as log-odds for each cause: circumstances, the set-up's own hazard factors read
 * backwards, the needle's hours, the thread's age, cleaning and service, the dial, this machine's cures, and checks made so
 * far. Source: docs/craft.md, "Faults".
 */
final class Evidence {
    /** A check misses what it looks for about once in ten times. */
    static final double FINDS = 0.9;
    /** Whoever cleans the race looks through it too. */
    private static final CheckId FINDS_WHAT_LIES_INSIDE = CheckId.CLEAN_HOOK_AREA;
    /** What was replaced, and the trouble stayed, was hardly it. */
    private static final double FINDS_BY_REPLACING = 0.99;
    /** A symptom that was not chosen is probably not there; but nobody reads the whole list. */
    private static final double UNCHOSEN = 0.35;

    private static final double HOURS = 0.16;
    private static final double STRUCK = 3;
    private static final double THREAD_YEARS = 0.18;
    private static final double CLEANING_HOURS = 0.10;
    private static final double SERVICE_MONTHS = 0.05;
    /** A thread that must not twist, or that slips, doubles the odds that its delivery is at fault. */
    private static final double DELICATE = 0.7;

    private static final double OFF_DIAL = 1.1;
    private static final double MAX_OFF_DIAL = 3.5;
    private static final double INSIDE_BAND = -1.5;
    /** A dial that stands too high cannot make the top thread slack, nor one too low pull it tight. */
    private static final double OFF_THE_OTHER_WAY = -3.5;

    private static final double PULL_FOUND_SO = 3.8;
    private static final double PULL_FOUND_RIGHT = -2.5;
    private static final double PULL_FOUND_THE_OTHER_WAY = -3.5;
    private static final double NEVER_CLEANED = 0.8;
    private static final double NEVER_SERVICED = 1.2;
    /** A needle that has hardly sewn is not worn. */
    private static final double FRESH = 2.4;

    private static final double JUST_IN = 1.2;
    private static final double LONG_IN = -1.5;
    private static final double LIGHT_MOTOR = 1.6;
    private static final double STRONG_MOTOR = -2;
    private static final double UNBOUNDED = Double.MAX_VALUE;
    private static final double BROKEN = 0.5;
    private static final double MAX_OF_BROKEN = 1.5;
    private static final double PIECES_MISSING = 2.5;
    private static final double REASON = 0.9;
    private static final double MAX_OF_REASONS = 2.5;
    /** As many made-up cures as the table's word is worth. */
    private static final double TABLE_COUNTS_AS = 8;

    /** Which hazard comes true in which symptom. */
    private static final Map<Symptom, Hazard> COMES_TRUE = new EnumMap<>(Map.of(
            Symptom.SKIPPED_STITCHES, Hazard.SKIP,
            Symptom.THREAD_SHREDS, Hazard.SHRED,
            Symptom.TOP_THREAD_BREAKS, Hazard.SHRED,
            Symptom.NEEDLE_BREAKS, Hazard.BREAK,
            Symptom.HOLES, Hazard.MARK,
            Symptom.PUCKER, Hazard.PUCKER));

    private static final Set<Symptom> OF_A_SLACK_TOP = EnumSet.of(Symptom.LOOPS_BELOW);
    private static final Set<Symptom> OF_A_TIGHT_TOP = EnumSet.of(
            Symptom.DOTS_ON_TOP,
            Symptom.PUCKER,
            Symptom.TOP_THREAD_BREAKS,
            Symptom.BOBBIN_THREAD_BREAKS,
            Symptom.SEAM_POPS);

    private final Trouble trouble;

    Evidence(Trouble trouble) {
        this.trouble = trouble;
    }

    /** Returns the chance of a cause before the symptoms that were seen, 0 when it was found and cured. */
    double chance(Cause cause) {
        if (trouble.cured().contains(cause.check().id()) || !canBe(cause)) {
            return 0;
        }
        double chance = LogOdds.chance(LogOdds.of(cause.rate()) + known(cause));
        int times = Collections.frequency(trouble.ruledOut(), cause.check().id())
                + (cause.id() == CauseId.OBJECT_INSIDE
                        ? Collections.frequency(trouble.ruledOut(), FINDS_WHAT_LIES_INSIDE)
                        : 0);
        double finds = cause.check().onRecord() == OnRecord.NEEDLE_FAILED ? FINDS_BY_REPLACING : FINDS;
        double missed = Math.pow(1 - finds, times);
        chance = chance * missed / (1 - chance + chance * missed);
        return hidden(cause, chance);
    }

    private double known(Cause cause) {
        double setUp = trouble.setUp().speaks().getOrDefault(cause.id(), 0.0);
        double sum = ofWhatIsKnown(cause) + history(cause) + setUp + (setUp < 0 ? 0 : reasons(cause));
        if (canShow(cause)) {
            for (When otherWhen : trouble.when()) {
                sum += cause.whenAdds().getOrDefault(otherWhen, 0.0);
            }
        }
        return sum;
    }

    /** Tells whether a cause can show anything of what is seen; one that cannot is not looked for. */
    boolean canShow(Cause cause) {
        return trouble.symptoms().stream().anyMatch(cause.shows()::containsKey)
                || trouble.seen(Look.WRONG).stream().anyMatch(glance -> glance.shownBy(cause) > 0);
    }

    /** A machine with loopers has no bobbin, and one with a bobbin no loopers. */
    private boolean canBe(Cause cause) {
        Needs needs = cause.check().needs();
        return !trouble.setUp().cannotBe().contains(cause.id())
                && (needs == Needs.NOTHING || (needs == Needs.LOOPERS) == trouble.hasLoopers());
    }

    /** What is known of needle, thread and machine. */
    private double ofWhatIsKnown(Cause cause) {
        MachineState machine = trouble.machine();
        return switch (cause.grows()) {
            case NOTHING -> 0;
            case NEEDLE_HOURS ->
                beyond(trouble.needleHours(), HOURS, 4, UNBOUNDED)
                        - FRESH * Math.max(0, 1 - trouble.needleHours().orElse(1));
            case NEEDLE_FRESH ->
                trouble.needleHours().isEmpty() ? 0 : trouble.needleHours().getAsDouble() < 1 ? JUST_IN : LONG_IN;
            case NEEDLE_STRUCK -> trouble.needleStruck() ? STRUCK : 0;
            case THREAD_YEARS -> beyond(trouble.threadAgeYears(), THREAD_YEARS, 3, UNBOUNDED);
            case NEEDLES_BROKEN ->
                Math.min(MAX_OF_BROKEN, BROKEN * trouble.broken().count());
            case PIECES_MISSING -> trouble.broken().piecesMissing() ? PIECES_MISSING : 0;
            case HOURS_SINCE_CLEANING ->
                machine.hoursSinceCleaning().isEmpty() && machine.neverServiced()
                        ? NEVER_CLEANED
                        : beyond(machine.hoursSinceCleaning(), CLEANING_HOURS, 6, 2.5);
            case MONTHS_SINCE_SERVICE ->
                machine.neverServiced()
                        ? NEVER_SERVICED
                        : beyond(machine.monthsSinceService(), SERVICE_MONTHS, 12, 1.5);
            case DELICATE_DELIVERY -> trouble.delicateDelivery() ? DELICATE : 0;
            case DIAL_OUTSIDE_BAND -> ofTheDial(machine.dialOff());
            case BOBBIN_PULL -> ofTheBobbin(cause, machine.bobbinPull());
            case MOTOR ->
                switch (machine.power().orElse(MotorPower.NORMAL)) {
                    case LIGHT -> LIGHT_MOTOR;
                    case NORMAL -> 0;
                    case STRONG -> STRONG_MOTOR;
                };
        };
    }

    /** Log-odds that grow with each unit beyond the usual one, at most so many; 0 when the amount is not known. */
    private static double beyond(OptionalDouble amount, double each, double usual, double most) {
        return amount.isPresent() ? Math.min(most, each * (amount.getAsDouble() - usual)) : 0;
    }

    private double ofTheDial(OptionalDouble off) {
        if (off.isEmpty()) {
            return 0;
        }
        double numbers = off.getAsDouble();
        if (numbers == 0) {
            return INSIDE_BAND;
        }
        boolean explains = trouble.shows(numbers > 0 ? OF_A_TIGHT_TOP : OF_A_SLACK_TOP);
        boolean contradicts = trouble.shows(numbers > 0 ? OF_A_SLACK_TOP : OF_A_TIGHT_TOP);
        return contradicts && !explains ? OFF_THE_OTHER_WAY : Math.min(MAX_OFF_DIAL, 1 + OFF_DIAL * Math.abs(numbers));
    }

    /** A pull that was found too hard or too light is blamed only for what it can show. */
    private double ofTheBobbin(Cause cause, Optional<Pull> found) {
        if (found.isEmpty()) {
            return 0;
        }
        Pull its = cause.id() == CauseId.BOBBIN_TOO_TIGHT ? Pull.TIGHT : Pull.LOOSE;
        if (found.get() == its) {
            return canShow(cause) ? PULL_FOUND_SO : 0;
        }
        return found.get() == Pull.RIGHT ? PULL_FOUND_RIGHT : PULL_FOUND_THE_OTHER_WAY;
    }

    /** The very factors that predict a hazard blame their part once the hazard has come true. */
    private double reasons(Cause cause) {
        double sum = 0;
        for (Reason reason : trouble.reasons()) {
            boolean cameTrue = trouble.symptoms().stream().anyMatch(s -> COMES_TRUE.get(s) == reason.hazard());
            if (cameTrue && reason.weight() > 0 && cause.blames().equals(Optional.of(reason.part()))) {
                sum += reason.weight() * REASON;
            }
        }
        return Math.min(MAX_OF_REASONS, sum);
    }

    /** What cured this machine before: its share against the table's. */
    private double history(Cause cause) {
        int all = trouble.cures().values().stream().mapToInt(Integer::intValue).sum();
        if (all == 0) {
            return 0;
        }
        int here = trouble.cures().getOrDefault(cause.check().id(), 0);
        return Math.log((here + TABLE_COUNTS_AS * cause.rate()) / ((all + TABLE_COUNTS_AS) * cause.rate()));
    }

    /** Weighs what is not seen: symptoms that were not chosen, and parts that looked right at a glance. */
    private double hidden(Cause cause, double chance) {
        double hidden = 1;
        for (Map.Entry<Symptom, Double> show : cause.shows().entrySet()) {
            if (!trouble.symptoms().contains(show.getKey())) {
                hidden *= 1 - UNCHOSEN * show.getValue();
            }
        }
        for (Glance glance : trouble.seen(Look.RIGHT)) {
            hidden *= 1 - glance.shownBy(cause);
        }
        return chance * hidden / (1 - chance + chance * hidden);
    }
}
