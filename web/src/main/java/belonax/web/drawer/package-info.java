/**
 * The Drawer stop: what the sewist owns, and what a packet, a spool, a swatch or a loose needle is. Reading and measuring
 * are the core's; the pages and the JSON interface ask it. Read {@link belonax.web.drawer.DrawerPage} first.
 */
@NullMarked
package belonax.web.drawer;

import org.jspecify.annotations.NullMarked;
