/**
 * The made-up carnival workshop of the demo.
 */
@NullMarked
package belonax.room.demo;

import org.jspecify.annotations.NullMarked;
