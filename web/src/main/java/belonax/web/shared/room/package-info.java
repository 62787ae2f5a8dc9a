/**
 * The sewing room: which machines there are, what happened to them, and what is true now. What happened is kept as dated
 * events that are never rewritten; an undo is an event too. Read {@link belonax.web.shared.room.SewingRoom} first.
 */
@NullMarked
package belonax.web.shared.room;

import org.jspecify.annotations.NullMarked;
