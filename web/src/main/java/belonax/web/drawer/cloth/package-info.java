/** Cloths of the drawer: weighed, pulled, described and kept. Read {@link belonax.web.drawer.cloth.SwatchPage} first. */
@NullMarked
package belonax.web.drawer.cloth;

import org.jspecify.annotations.NullMarked;
