/** Plan: in what order, with what, how much? Start with {@link belonax.web.plan.PlanApi}. */
@NullMarked
package belonax.web.plan;

import org.jspecify.annotations.NullMarked;
