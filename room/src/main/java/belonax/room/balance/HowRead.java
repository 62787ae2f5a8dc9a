package belonax.room.balance;

import belonax.balance.Slips;

/** How a sewist reads strips. */
public interface HowRead {
    /** Returns what this reader takes for what; whoever gave no name is the empty one. */
    Slips of(String reader);
}
