/**
 * What happens before the first page: the data folder is looked at, the database is copied aside before it is migrated,
 * and whatever is wrong is told in one sentence. Read {@link belonax.web.start.Preflight} first.
 */
@NullMarked
package belonax.web.start;

import org.jspecify.annotations.NullMarked;
