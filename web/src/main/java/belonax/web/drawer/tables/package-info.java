/** Cloths, spools and packets as tables, out and in, by the very rules of their forms. Read {@link belonax.web.drawer.tables.CsvTable} first. */
@NullMarked
package belonax.web.drawer.tables;

import org.jspecify.annotations.NullMarked;
