/**
 * How the sewist wants Belonax to look and to speak: units, light, larger text, schools. Read {@link
 * belonax.room.settings.SettingsStore} first.
 */
@NullMarked
package belonax.room.settings;

import org.jspecify.annotations.NullMarked;
