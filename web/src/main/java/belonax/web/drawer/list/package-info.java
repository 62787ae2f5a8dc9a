/** A list of packets or spools, one a line, read as it is typed and put in the drawer at once. */
@NullMarked
package belonax.web.drawer.list;

import org.jspecify.annotations.NullMarked;
