package belonax.practice;

/**
 * One answer of the past.
 *
 * @param day on which it was given, counted from any one day
 */
public record Answered(Topic topic, boolean right, int grade, long day) {}
