package belonax.practice;

/**
 * One thing to be learnt, which comes back until it is known.
 *
 * @param name what it is, as it is kept: a look of a strip, a kind of needle, letters of a label, a symptom, a reading of cloth
 */
public record Topic(DrillKind kind, String name) {}
