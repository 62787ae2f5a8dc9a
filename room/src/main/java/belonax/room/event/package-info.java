/**
 * What happened: dated events that are never rewritten, an undo being an event too, and their log in words. Read {@link
 * belonax.room.event.Event} first.
 */
@NullMarked
package belonax.room.event;

import org.jspecify.annotations.NullMarked;
