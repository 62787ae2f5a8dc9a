package belonax.hazard;

/**
 * One sentence of a judgement.
 *
 * @param weight log-odds by which it moves the hazard, above 0 when it raises it
 */
public record Reason(Hazard hazard, double weight, String text) {
    public boolean raises() {
        return weight > 0;
    }
}
