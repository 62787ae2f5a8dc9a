/**
 * What lies in the drawer: swatches, spools, wound bobbins and packets. Each is a card: a value that is edited whole, taken
 * back whole and carried to another computer whole, so it is stored whole. Read {@link
 * belonax.web.shared.drawer.DrawerStore} first.
 */
@NullMarked
package belonax.web.shared.drawer;

import org.jspecify.annotations.NullMarked;
