package belonax.fault;

import belonax.hazard.Part;
import java.util.Map;
import java.util.Optional;

/**
 * Something that may be behind a trouble: a row of causes.txt.
 *
 * @param id its name in the table
 * @param rate how often it is there when somebody has trouble, above 0 and below 1
 * @param check the check that finds it
 * @param blames the part of the set-up that it stands for: what a hazard's factor speaks of is what is blamed
 * @param grows what is known that makes it likelier
 * @param shows the chance of each symptom that it shows, 0 to 1
 * @param whenAdds log-odds that a circumstance adds
 * @param standsOut the chance that it is seen at a glance, 0 to 1
 */
record Cause(
        CauseId id,
        String title,
        double rate,
        Check check,
        Optional<Part> blames,
        Known grows,
        Map<Symptom, Double> shows,
        Map<When, Double> whenAdds,
        Map<Glance, Double> standsOut) {}
