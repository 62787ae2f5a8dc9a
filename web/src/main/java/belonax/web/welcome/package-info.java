/** The first minute in an empty sewing room: three questions that lead to the first answer. */
@NullMarked
package belonax.web.welcome;

import org.jspecify.annotations.NullMarked;
