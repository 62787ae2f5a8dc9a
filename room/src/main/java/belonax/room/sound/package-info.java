/** What was heard of machines: stitches, minutes, speed and the knock of their needles, never a sound. Read {@link SoundLog} first. */
@NullMarked
package belonax.room.sound;

import org.jspecify.annotations.NullMarked;
