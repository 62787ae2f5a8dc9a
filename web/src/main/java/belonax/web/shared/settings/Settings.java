package belonax.web.shared.settings;

import belonax.hazard.SizeSchool;

/**
 * What the sewist chose.
 *
 * @param sizeSchool what rules the needle's size unless the sentence says otherwise
 */
public record Settings(Units units, Light light, boolean largerText, SizeSchool sizeSchool) {
    /** What holds until somebody chooses. */
    public static final Settings STANDARD = new Settings(Units.METRIC, Light.SYSTEM, false, SizeSchool.INTERSECT);
}
