/** The stop at which reading is learnt: one drill after another, and what is read surely. */
@NullMarked
package belonax.web.practice;

import org.jspecify.annotations.NullMarked;
