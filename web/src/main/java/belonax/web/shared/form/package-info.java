/**
 * Binds what was typed to records of forms: what is missing or no number is told beside its field, all at once, and nothing typed is
 * lost. Ranges are checked by the core alone. Read {@link belonax.web.shared.form.FormBinding} first.
 */
@NullMarked
package belonax.web.shared.form;

import org.jspecify.annotations.NullMarked;
