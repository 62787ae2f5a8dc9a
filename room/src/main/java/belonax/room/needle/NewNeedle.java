package belonax.room.needle;

import belonax.needle.Needle;
import java.util.Optional;
import java.util.UUID;

/**
 * A needle that has not sewn yet.
 *
 * @param coated whether it is hard-coated, which lengthens its life
 * @param packet the packet that it came out of; empty when it came out of none
 */
public record NewNeedle(Needle needle, boolean coated, Optional<UUID> packet) {}
