/** What the owner keeps about a machine. Read {@link belonax.web.drawer.machine.MachinePage} first. */
@NullMarked
package belonax.web.drawer.machine;

import org.jspecify.annotations.NullMarked;
