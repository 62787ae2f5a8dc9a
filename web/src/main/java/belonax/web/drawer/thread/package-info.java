/** Spools and wound bobbins: read off their labels and kept. Read {@link belonax.web.drawer.thread.SpoolPage} first. */
@NullMarked
package belonax.web.drawer.thread;

import org.jspecify.annotations.NullMarked;
