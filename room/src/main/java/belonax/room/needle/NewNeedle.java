package belonax.room.needle;

import belonax.needle.Needle;

/**
 * A needle that has not sewn yet.
 *
 * @param coated whether it is hard-coated, which lengthens its life
 * @param packet the packet that it came out of; empty when it is in none
 */
public record NewNeedle(Needle needle, boolean coated, String packet) {}
