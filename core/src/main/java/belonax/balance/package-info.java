/**
 * How the two threads are balanced in the fewest strips: which way the dial is turned, how far, when to stop, and when it is
 * not the dial at all. Read {@link belonax.balance.DialAdvisor} first. May use everything down to {@code life}.
 */
@NullMarked
package belonax.balance;

import org.jspecify.annotations.NullMarked;
