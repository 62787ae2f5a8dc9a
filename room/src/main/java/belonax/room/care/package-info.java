/**
 * What was done for the machines. Read {@link belonax.room.care.CareLog} first.
 */
@NullMarked
package belonax.room.care;

import org.jspecify.annotations.NullMarked;
