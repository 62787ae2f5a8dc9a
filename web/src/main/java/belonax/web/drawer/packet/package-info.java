/** Packets of needles: read as they are printed, kept, and bought. Read {@link belonax.web.drawer.packet.PacketPage} first. */
@NullMarked
package belonax.web.drawer.packet;

import org.jspecify.annotations.NullMarked;
