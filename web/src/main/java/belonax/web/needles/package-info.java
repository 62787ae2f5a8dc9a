/**
 * The Needle book: where needles are, how long they last here, and their changes: one goes in, one comes out, a change is taken
 * back, with the log of all that happened. Read {@link belonax.web.needles.NeedleChanges} first.
 */
@NullMarked
package belonax.web.needles;

import org.jspecify.annotations.NullMarked;
