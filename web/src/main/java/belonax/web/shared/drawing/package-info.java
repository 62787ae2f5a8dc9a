/** Drawings that more than one stop shows, to scale. All geometry of needles is the core's. */
@NullMarked
package belonax.web.shared.drawing;

import org.jspecify.annotations.NullMarked;
