/** The Settings page: units, light, larger text, schools, and the devices that may look in. */
@NullMarked
package belonax.web.settings;

import org.jspecify.annotations.NullMarked;
