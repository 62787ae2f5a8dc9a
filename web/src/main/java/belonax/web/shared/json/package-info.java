/** How things that are kept whole are written as JSON. */
@NullMarked
package belonax.web.shared.json;

import org.jspecify.annotations.NullMarked;
