/** What was practised, and how each sewist reads: answers to drills, and strips whose truth became known at the machine. */
@NullMarked
package belonax.room.practice;

import org.jspecify.annotations.NullMarked;
