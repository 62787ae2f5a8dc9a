/**
 * What happens to what is kept before the first page: is it whole, is it of this version, is it to be what a copy held? Read {@link
 * belonax.room.start.CheckedMigration} first.
 */
@NullMarked
package belonax.room.start;

import org.jspecify.annotations.NullMarked;
