/** The Mend stop: what is checked next when something goes wrong. Read {@link belonax.web.mend.MendPage} first. */
@NullMarked
package belonax.web.mend;

import org.jspecify.annotations.NullMarked;
