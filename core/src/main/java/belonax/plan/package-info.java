/** How much a job takes: thread above and below. Start with {@link belonax.plan.ThreadUse}. */
@NullMarked
package belonax.plan;

import org.jspecify.annotations.NullMarked;
