/**
 * Things that are edited whole, taken back whole and carried to another computer whole, so they are stored whole. Read {@link
 * belonax.room.card.DrawerStore} first.
 */
@NullMarked
package belonax.room.card;

import org.jspecify.annotations.NullMarked;
