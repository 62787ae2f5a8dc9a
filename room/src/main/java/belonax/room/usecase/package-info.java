/**
 * The same press twice is one event and one answer: a form carries a key that is good for one use case, and what was answered is
 * kept with it. Read {@link belonax.room.usecase.UseCase} first.
 */
@NullMarked
package belonax.room.usecase;

import org.jspecify.annotations.NullMarked;
