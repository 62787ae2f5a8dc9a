/**
 * The craft's tables that are long prose, read from files beside the code. A bad word stops the start with file, line and what to write.
 * Read {@link belonax.table.Table} first; it uses nothing but {@link belonax.BadInput}.
 */
@NullMarked
package belonax.table;

import org.jspecify.annotations.NullMarked;
