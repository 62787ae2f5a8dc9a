/** Cloths, spools and packets as tables, out and in, by the very rules of their forms. Read {@link belonax.web.drawer.csv.CsvTable} first. */
@NullMarked
package belonax.web.drawer.csv;

import org.jspecify.annotations.NullMarked;
