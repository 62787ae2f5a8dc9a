/**
 * What is used up: needles out of packets, thread off spools and bobbins. Counts fall with what is done and rise again when it is
 * taken back. Read {@link belonax.room.supply.NeedleSupply} first.
 */
@NullMarked
package belonax.room.supply;

import org.jspecify.annotations.NullMarked;
