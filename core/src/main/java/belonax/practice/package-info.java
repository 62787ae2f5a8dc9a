/**
 * Drills made from the models: strips, needles, labels, checks and cloth to be read, and when each comes back. Read
 * {@link belonax.practice.Drills} first. May use everything.
 */
@NullMarked
package belonax.practice;

import org.jspecify.annotations.NullMarked;
