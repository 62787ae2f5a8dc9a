/**
 * The application. Laid out by the stops of the sewist's path: each package holds its page, its JSON, its entities.
 * Controllers translate between people and the core; they compute nothing. Start reading at {@link
 * belonax.web.BelonaxApplication}.
 */
@NullMarked
package belonax.web;

import org.jspecify.annotations.NullMarked;
