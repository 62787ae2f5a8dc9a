package belonax.fault;

import java.util.Map;

/**
 * Something that may be behind a trouble: a row of causes.txt.
 *
 * @param id its name in the table
 * @param rate how often it is there when somebody has trouble, above 0 and below 1
 * @param check the check that finds it
 * @param shows the chance of each symptom that it shows, 0 to 1
 * @param whenAdds log-odds that a circumstance adds
 * @param standsOut the chance that it is seen at a glance, 0 to 1
 */
record Cause(
        String id,
        String title,
        double rate,
        String check,
        Map<Symptom, Double> shows,
        Map<When, Double> whenAdds,
        Map<Glance, Double> standsOut) {}
