/** The work on each machine's table. */
@NullMarked
package belonax.room.workbench;

import org.jspecify.annotations.NullMarked;
