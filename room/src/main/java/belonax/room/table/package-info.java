/** The work on each machine's table. */
@NullMarked
package belonax.room.table;

import org.jspecify.annotations.NullMarked;
