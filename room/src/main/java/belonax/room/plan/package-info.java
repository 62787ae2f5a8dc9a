/** Projects with their steps: what is to be sewn, in what order it may be, and what it really took. Read {@link Project} first. */
@NullMarked
package belonax.room.plan;

import org.jspecify.annotations.NullMarked;
