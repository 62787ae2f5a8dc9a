/**
 * The Plan stop: in what order, with what, how much? Read {@link belonax.web.plan.PlanPage} for the page and {@link
 * belonax.web.plan.PlanApi} for the JSON.
 */
@NullMarked
package belonax.web.plan;

import org.jspecify.annotations.NullMarked;
