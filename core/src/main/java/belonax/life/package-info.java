/**
 * How long a needle lives: what an hour of sewing costs it, when the schools would change it, and what the log says about
 * real lives here. Read {@link belonax.life.EffectiveHours}, {@link belonax.life.RetirementSchool} and {@link
 * belonax.life.LearntLife} in this order. May use everything above it, and a library for distributions.
 */
@NullMarked
package belonax.life;

import org.jspecify.annotations.NullMarked;
