/**
 * The machines of the room. Read {@link belonax.room.machine.MachineCard} first.
 */
@NullMarked
package belonax.room.machine;

import org.jspecify.annotations.NullMarked;
