/**
 * What goes out and comes in: CSV for cloths, spools and packets, one JSON archive of everything, and prints as PDF. Read
 * {@link belonax.room.archive.Archive} and {@link belonax.web.files.CsvTables} first.
 */
@NullMarked
package belonax.web.files;

import org.jspecify.annotations.NullMarked;
