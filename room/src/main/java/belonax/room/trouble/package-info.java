/**
 * Troubles and what cured them. Read {@link belonax.room.trouble.MendCase} first.
 */
@NullMarked
package belonax.room.trouble;

import org.jspecify.annotations.NullMarked;
