package belonax.hazard;

/**
 * One sentence of a judgement.
 *
 * @param part which part of the set-up it speaks of
 * @param weight log-odds by which it moves the hazard, above 0 when it raises it
 */
public record Reason(Hazard hazard, Part part, double weight, String text) {
    public boolean raises() {
        return weight > 0;
    }
}
