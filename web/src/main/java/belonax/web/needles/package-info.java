/**
 * The Needle book's events: a needle goes in, a needle comes out, a change is taken back. Read {@link
 * belonax.web.needles.NeedleChanges} first. The book's page joins when it is built.
 */
@NullMarked
package belonax.web.needles;

import org.jspecify.annotations.NullMarked;
