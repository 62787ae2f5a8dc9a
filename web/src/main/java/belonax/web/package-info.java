/**
 * The application, laid out by the stops of the sewist's path: each package holds its page, its JSON, its forms and views.
 * Controllers translate between people, the core and the use cases of the room; they compute nothing and ask no database.
 * Start reading at {@link belonax.web.BelonaxApplication}.
 */
@NullMarked
package belonax.web;

import org.jspecify.annotations.NullMarked;
