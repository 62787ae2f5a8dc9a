/**
 * What happens before the first page: folder, lock, port and database file are looked at, copies are listed and gone back to,
 * and whatever is wrong is told in one sentence. Read {@link belonax.web.start.Preflight} first; what is done to the database
 * is the room's.
 */
@NullMarked
package belonax.web.start;

import org.jspecify.annotations.NullMarked;
