/**
 * What three or more stops use: the layout with its thread path and machine bar, and the core's parts as beans. Read
 * {@link belonax.web.shared.Layout} first.
 */
@NullMarked
package belonax.web.shared;

import org.jspecify.annotations.NullMarked;
