/**
 * What a machine is and can take. Read {@link belonax.machine.Machine} first. Uses the needles' vocabulary and
 * {@link belonax.BadInput}.
 */
@NullMarked
package belonax.machine;

import org.jspecify.annotations.NullMarked;
