/**
 * How the sewist wants Belonax to look and to speak: units, light, larger text, schools. Read {@link
 * belonax.web.shared.settings.SettingsStore} first.
 */
@NullMarked
package belonax.web.shared.settings;

import org.jspecify.annotations.NullMarked;
