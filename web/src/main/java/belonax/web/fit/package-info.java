/**
 * The Fit stop: the steps of changing a needle, worded for this machine, and what to do when one broke. Read {@link
 * belonax.web.fit.FitPage} first.
 */
@NullMarked
package belonax.web.fit;

import org.jspecify.annotations.NullMarked;
