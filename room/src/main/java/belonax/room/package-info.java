/**
 * What is kept and what may be done with it. No servlet, no template, nothing of the JSON interface. Packages are laid out by
 * what is kept, lowest first: event, card, settings, machine, needle, drawer, balance, trouble, care, archive, demo.
 */
@NullMarked
package belonax.room;

import org.jspecify.annotations.NullMarked;
