/**
 * The set-up sentence: what is sewn, as it stands in the address or lies on the table, and what each of its parts can be. Read
 * {@link belonax.web.shared.sentence.Sentences} first.
 */
@NullMarked
package belonax.web.shared.sentence;

import org.jspecify.annotations.NullMarked;
