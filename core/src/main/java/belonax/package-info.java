/**
 * What a caller may be told. {@link belonax.BadInput} is the one way in which the core refuses a value, and its
 * sentences are fit for the screen. Every other package of the core may use this one; this one uses none.
 */
@NullMarked
package belonax;

import org.jspecify.annotations.NullMarked;
