/**
 * What was balanced on which machine. Read {@link belonax.room.balance.BalanceRun} first.
 */
@NullMarked
package belonax.room.balance;

import org.jspecify.annotations.NullMarked;
