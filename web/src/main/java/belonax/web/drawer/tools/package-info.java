/**
 * What is measured and worked out at the drawer and kept nowhere: a stack in section, the needle's way through plate and foot, a
 * loose needle's system; and the same for other programs. Read {@link belonax.web.drawer.tools.StackPage} first.
 */
@NullMarked
package belonax.web.drawer.tools;

import org.jspecify.annotations.NullMarked;
