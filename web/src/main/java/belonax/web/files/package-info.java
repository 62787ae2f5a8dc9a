/**
 * What goes out and comes in whole: one archive of everything, and prints as PDF. Read {@link belonax.web.files.ArchivePage}
 * first; tables of the drawer are beside what they are tables of.
 */
@NullMarked
package belonax.web.files;

import org.jspecify.annotations.NullMarked;
