/** How long the needles of this room last, as its log has it. */
@NullMarked
package belonax.room.life;

import org.jspecify.annotations.NullMarked;
