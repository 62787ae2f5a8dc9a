package belonax.life;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The share that survives, estimated from lives some of which are only known to have lasted longer (Kaplan and Meier 1958),
 * with Greenwood's variance, and the cumulative hazard of Nelson and Aalen. At each failure the share falls by the factor
 * 1 - failures / at risk; a life that ends sound at the same hour still counts as at risk.
 */
public final class KaplanMeier {
    private final List<Step> steps;

    /**
     * A failure time.
     *
     * @param atRisk lives that lasted at least so long
     * @param survival share that survives it
     * @param standardError of that share, by Greenwood's formula
     * @param cumulativeHazard by Nelson and Aalen
     */
    public record Step(
            double hours, int atRisk, int failures, double survival, double standardError, double cumulativeHazard) {}

    private KaplanMeier(List<Step> steps) {
        this.steps = List.copyOf(steps);
    }

    /** Estimates from these lives. */
    public static KaplanMeier of(List<ObservedLife> lives) {
        List<Double> times = lives.stream()
                .filter(ObservedLife::failed)
                .map(ObservedLife::hours)
                .distinct()
                .sorted(Comparator.naturalOrder())
                .toList();
        List<Step> steps = new ArrayList<>();
        double survival = 1;
        double greenwood = 0;
        double hazard = 0;
        for (double time : times) {
            int atRisk = (int) lives.stream()
                    .filter(observedLife -> observedLife.hours() >= time)
                    .count();
            int failures = (int) lives.stream()
                    .filter(observedLife -> observedLife.failed() && observedLife.hours() == time)
                    .count();
            survival *= 1 - (double) failures / atRisk;
            greenwood += atRisk == failures ? 0 : (double) failures / ((double) atRisk * (atRisk - failures));
            hazard += (double) failures / atRisk;
            steps.add(new Step(time, atRisk, failures, survival, survival * Math.sqrt(greenwood), hazard));
        }
        return new KaplanMeier(steps);
    }

    /** Returns the failure times in order. */
    public List<Step> steps() {
        return steps;
    }

    /** Returns the share that survives so many hours. */
    public double survival(double hours) {
        double survival = 1;
        for (Step step : steps) {
            if (step.hours() <= hours) {
                survival = step.survival();
            }
        }
        return survival;
    }
}
