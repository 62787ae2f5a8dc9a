/**
 * Reads what was typed into forms: what is missing or no number is told beside its field, all at once, and nothing typed is
 * lost. Ranges are checked by the core alone. Read {@link belonax.web.shared.form.Entries} first.
 */
@NullMarked
package belonax.web.shared.form;

import org.jspecify.annotations.NullMarked;
