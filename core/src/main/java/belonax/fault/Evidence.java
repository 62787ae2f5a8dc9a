package belonax.fault;

import belonax.fault.Glance.Look;
import belonax.hazard.Hazard;
import belonax.hazard.Reason;
import belonax.machine.MachineKind;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/**
 * What is known beside the symptoms, as log-odds for each cause: circumstances, the set-up's own hazard factors read
 * backwards, the needle's hours, the thread's age, cleaning and service, the dial, this machine's cures, and checks made so
 * far. Source: docs/craft.md, "Faults".
 */
final class Evidence {
    /** A check misses what it looks for about once in ten times. */
    static final double FINDS = 0.9;
    /** A symptom that was not chosen is probably not there; but nobody reads the whole list. */
    private static final double UNCHOSEN = 0.35;

    private static final double HOURS = 0.16;
    private static final double STRUCK = 3;
    private static final double THREAD_YEARS = 0.18;
    private static final double CLEANING_HOURS = 0.10;
    private static final double SERVICE_MONTHS = 0.05;
    private static final double OFF_DIAL = 1.1;
    private static final double BROKEN = 0.5;
    private static final double MOST_OF_BROKEN = 1.5;
    private static final double PIECES_MISSING = 2.5;
    private static final double REASON = 0.9;
    private static final double MOST_OF_REASONS = 2.5;
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

    private final Trouble trouble;

    Evidence(Trouble trouble) {
        this.trouble = trouble;
    }

    /** Returns the chance of a cause before the symptoms that were seen, 0 when it was found and cured. */
    double chance(Cause cause) {
        if (trouble.cured().contains(cause.check())) {
            return 0;
        }
        double logOdds = Math.log(cause.rate() / (1 - cause.rate())) + known(cause);
        double chance = 1 / (1 + Math.exp(-logOdds));
        if (trouble.ruledOut().contains(cause.check())) {
            chance = chance * (1 - FINDS) / (1 - chance * FINDS);
        }
        return hidden(cause, chance);
    }

    private double known(Cause cause) {
        double sum = ofTheMachine(cause) + history(cause) + ofTheSetup(cause) + ofBrokenNeedles(cause);
        for (When it : trouble.when()) {
            sum += cause.whenAdds().getOrDefault(it, 0.0);
        }
        return sum;
    }

    private double ofBrokenNeedles(Cause cause) {
        return switch (cause.id()) {
            case "PLATE_NICKED", "CASE_NICKED", "HOOK_NICKED" ->
                Math.min(MOST_OF_BROKEN, BROKEN * trouble.broken().count());
            case "OBJECT_INSIDE" -> trouble.broken().piecesMissing() ? PIECES_MISSING : 0;
            default -> 0;
        };
    }

    private double ofTheSetup(Cause cause) {
        double sum = 0;
        if (cause.id().equals("NEEDLE_WORN") && trouble.needleHours().isPresent()) {
            sum += HOURS * (trouble.needleHours().getAsDouble() - 4);
        }
        if (cause.id().equals("NEEDLE_BENT") && trouble.needleStruck()) {
            sum += STRUCK;
        }
        if (cause.id().equals("THREAD_OLD") && trouble.threadAgeYears().isPresent()) {
            sum += THREAD_YEARS * (trouble.threadAgeYears().getAsDouble() - 3);
        }
        return sum + reasons(cause);
    }

    /** The very factors that predict a hazard blame their part once the hazard has come true. */
    private double reasons(Cause cause) {
        Set<String> blamed = BlamedParts.of(cause.id());
        if (blamed.isEmpty()) {
            return 0;
        }
        double sum = 0;
        for (Reason it : trouble.reasons()) {
            boolean cameTrue = trouble.symptoms().stream().anyMatch(s -> COMES_TRUE.get(s) == it.hazard());
            if (cameTrue && it.weight() > 0 && blamed.contains(it.part().name())) {
                sum += it.weight() * REASON;
            }
        }
        return Math.min(MOST_OF_REASONS, sum);
    }

    private double ofTheMachine(Cause cause) {
        Trouble.MachineState machine = trouble.machine();
        return switch (cause.id()) {
            case "HOOK_LINT", "SPRING_LINT", "DISCS_DIRTY" ->
                machine.hoursSinceCleaning().isPresent()
                        ? Math.min(
                                2.5,
                                CLEANING_HOURS * (machine.hoursSinceCleaning().getAsDouble() - 6))
                        : machine.neverServiced() ? 0.8 : 0;
            case "DRY", "SERVICE_DUE", "TIMING_OUT", "CHECK_SPRING_BENT" ->
                machine.neverServiced()
                        ? 1.2
                        : machine.monthsSinceService().isPresent()
                                ? Math.min(
                                        1.5,
                                        SERVICE_MONTHS
                                                * (machine.monthsSinceService().getAsDouble() - 12))
                                : 0;
            case "DIAL_OFF" ->
                machine.dialBandsOff().isPresent()
                        ? (machine.dialBandsOff().getAsDouble() > 0
                                ? Math.min(
                                        3.5,
                                        1 + OFF_DIAL * machine.dialBandsOff().getAsDouble())
                                : -1.5)
                        : 0;
            default -> machine.kind().filter(MachineKind::hasLoopers).isPresent() && isOfTheBobbin(cause) ? -9 : 0;
        };
    }

    private static boolean isOfTheBobbin(Cause cause) {
        return cause.check().startsWith("BOBBIN") || cause.check().equals("BACKLASH_SPRING");
    }

    /** What cured this machine before: its share against the table's. */
    private double history(Cause cause) {
        int all = trouble.cures().values().stream().mapToInt(Integer::intValue).sum();
        if (all == 0) {
            return 0;
        }
        int here = trouble.cures().getOrDefault(cause.check(), 0);
        return Math.log((here + TABLE_COUNTS_AS * cause.rate()) / ((all + TABLE_COUNTS_AS) * cause.rate()));
    }

    /** Weighs what is not seen: symptoms that were not chosen, and parts that looked right at a glance. */
    private double hidden(Cause cause, double chance) {
        double hidden = 1;
        for (Map.Entry<Symptom, Double> it : cause.shows().entrySet()) {
            if (!trouble.symptoms().contains(it.getKey())) {
                hidden *= 1 - UNCHOSEN * it.getValue();
            }
        }
        for (Glance it : trouble.seen(Look.RIGHT)) {
            hidden *= 1 - it.shownBy(cause);
        }
        return chance * hidden / (1 - chance + chance * hidden);
    }
}
