/**
 * A tablet at the machine: with {@code --lan} Belonax also listens at one address of the home network, and a device is let
 * in once it has named the code that was printed at the start. Read {@link belonax.web.shared.pairing.Pairing} first.
 */
@NullMarked
package belonax.web.shared.pairing;

import org.jspecify.annotations.NullMarked;
