/**
 * The whole room as one file, and copies of the database. Read {@link belonax.room.archive.Archive} first.
 */
@NullMarked
package belonax.room.archive;

import org.jspecify.annotations.NullMarked;
