/**
 * In what order the steps of a job are sewn, with which needles, how much thread they take, and in how many evenings. Start with
 * {@link belonax.plan.JobPlanner}; the search itself is {@code OrderSearch}.
 */
@NullMarked
package belonax.plan;

import org.jspecify.annotations.NullMarked;
