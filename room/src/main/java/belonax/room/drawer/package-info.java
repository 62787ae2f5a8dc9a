/**
 * What lies in the drawer: swatches, spools, wound bobbins, packets and pictures. Read {@link belonax.room.drawer.Packet} first.
 */
@NullMarked
package belonax.room.drawer;

import org.jspecify.annotations.NullMarked;
