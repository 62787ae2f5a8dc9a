/**
 * Listening: from samples to loudness, from loudness to stitches, and to what stands out of them. Read {@link
 * belonax.sound.StitchEar} first.
 */
@NullMarked
package belonax.sound;

import org.jspecify.annotations.NullMarked;
