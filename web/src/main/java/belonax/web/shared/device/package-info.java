/**
 * Devices beside the machine. Each is an interface; what ships is a small stand-in that makes up its readings and says so on
 * the screen.
 */
@NullMarked
package belonax.web.shared.device;

import org.jspecify.annotations.NullMarked;
