/**
 * Which needle for this cloth and thread? Read {@link belonax.match.NeedleMatcher} first; it ranks the needles that are
 * made by the harm that the hazard model expects of them. {@link belonax.match.SetupCheck} judges the needle that is
 * already in the machine. Uses the hazard model and everything below it.
 */
@NullMarked
package belonax.match;

import org.jspecify.annotations.NullMarked;
