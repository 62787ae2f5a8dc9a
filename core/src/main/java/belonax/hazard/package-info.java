/**
 * The one currency of every judgement: what may go wrong with this set-up, and why. Read {@link
 * belonax.hazard.HazardModel} first, then {@link belonax.hazard.Factor}: each factor moves one hazard and holds its own
 * sentence, so that numbers and reasons cannot drift apart. The same factors, read backwards, tell the fault finder what
 * is likely wrong. Uses needles, threads, cloths and machines.
 */
@NullMarked
package belonax.hazard;

import org.jspecify.annotations.NullMarked;
