/**
 * The Balance stop: test strips read together, the next dial, the bobbin's base line, and the sampler of strips. Read {@link
 * belonax.web.balance.BalancePage} first.
 */
@NullMarked
package belonax.web.balance;

import org.jspecify.annotations.NullMarked;
