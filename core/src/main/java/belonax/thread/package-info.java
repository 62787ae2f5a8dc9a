/**
 * How thick a thread is and what it is made of. Read {@link belonax.thread.SewingThread} first; {@link
 * belonax.thread.ThreadNumbering} turns the rival numberings into tex, and {@link belonax.thread.ThreadLabel} reads what
 * is printed on a spool. Uses nothing but {@link belonax.BadInput}.
 */
@NullMarked
package belonax.thread;

import org.jspecify.annotations.NullMarked;
