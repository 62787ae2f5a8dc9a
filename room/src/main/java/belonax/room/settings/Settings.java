package belonax.room.settings;

import belonax.hazard.SizeSchool;
import belonax.life.RetirementSchool;

/**
 * What the sewist chose.
 *
 * @param sizeSchool what rules the needle's size unless the sentence says otherwise
 * @param retirement when needles are changed
 */
public record Settings(
        Units units, Light light, boolean largerText, SizeSchool sizeSchool, RetirementSchool retirement) {
    /** What holds until somebody chooses. */
    public static final Settings STANDARD =
            new Settings(Units.METRIC, Light.SYSTEM, false, SizeSchool.INTERSECT, RetirementSchool.WORKED_OUT);
}
