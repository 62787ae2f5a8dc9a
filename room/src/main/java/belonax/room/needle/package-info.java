/**
 * Needles, in machines and out of them, and the work that they did. Read {@link belonax.room.needle.SewingRoom} first.
 */
@NullMarked
package belonax.room.needle;

import org.jspecify.annotations.NullMarked;
