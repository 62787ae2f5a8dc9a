/**
 * What is kept and what may be done with it. No servlet, no template, nothing of the JSON interface. Packages are laid out by
 * what is kept, lowest first: event, card, press, settings, machine, table, needle, drawer, supply, balance, trouble, care, plan,
 * practice, sound, archive, start, demo.
 */
@NullMarked
package belonax.room;

import org.jspecify.annotations.NullMarked;
