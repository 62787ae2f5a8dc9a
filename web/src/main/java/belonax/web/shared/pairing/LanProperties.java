package belonax.web.shared.pairing;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Whether the home network may look in.
 *
 * @param lan whether paired devices are answered at all
 * @param lanAddress at which of this computer's addresses; empty to find it
 */
@ConfigurationProperties("belonax")
record LanProperties(boolean lan, @Nullable String lanAddress) {}
