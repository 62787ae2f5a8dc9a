package belonax.hazard;

import belonax.needle.NeedleInUse;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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

    /** Returns the same prediction with every hazard lowered by as many log-odds: what a success of this very set-up tells. */
    public Prediction loweredBy(double logOdds) {
        return new Prediction(
                outlook,
                needle,
                new Hazards(
                        lowered(hazards.skip(), logOdds),
                        lowered(hazards.shred(), logOdds),
                        lowered(hazards.breakage(), logOdds),
                        lowered(hazards.mark(), logOdds),
                        lowered(hazards.pucker(), logOdds)),
                limit);
    }

    /** Tells whether machine or wear rules it out, which no success elsewhere can lift. */
    public boolean isRuledOutByMachineOrWear() {
        return limits().anyMatch(it ->
                it.limit() == Verdict.AVOID && (it.part() == Part.MACHINE || it.part() == Part.NEEDLE_WEAR));
    }

    /** Returns why, the weightiest first: what moves the expected harm most. */
    public List<Reason> reasons() {
        List<Reason> reasons = new ArrayList<>();
        for (Factor it : outlook.factors(needle)) {
            double weight = it.weight(outlook.job(), needle);
            if (Math.abs(weight) >= SPOKEN_OF) {
                reasons.add(new Reason(it.hazard(), it.part(), weight, it.reason(outlook.job(), needle)));
            }
        }
        reasons.sort(Comparator.comparingDouble(this::harmMoved).reversed());
        return reasons;
    }

    /** Returns why this needle is limited to its verdict, in the order of the rules; empty when nothing limits it. */
    public List<String> limitReasons() {
        return limits().filter(it -> it.limit() == limit)
                .map(it -> it.reason(outlook.job(), needle))
                .toList();
    }

    private Stream<Factor> limits() {
        return outlook.factors(needle).stream()
                .filter(it -> it.limit() != Verdict.GOOD && it.weight(outlook.job(), needle) != 0);
    }

    private double harmMoved(Reason reason) {
        double chance = hazards.of(reason.hazard());
        double without = 1 / (1 + Math.exp(reason.weight()) * (1 - chance) / chance);
        return Math.abs(chance - without) * reason.hazard().severity(outlook.job());
    }

    private static double lowered(double chance, double logOdds) {
        double odds = chance / (1 - chance) * Math.exp(-logOdds);
        return odds / (1 + odds);
    }
}
