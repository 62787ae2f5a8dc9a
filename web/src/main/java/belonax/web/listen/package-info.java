/** Listening to a machine: what a browser's tab tells of loudness, and what that comes to. Read {@link belonax.web.listen.ListenDesk} first. */
@NullMarked
package belonax.web.listen;

import org.jspecify.annotations.NullMarked;
