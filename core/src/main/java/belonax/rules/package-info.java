/**
 * The craft's tables that are long prose, read from files beside the code. A bad word stops the start with file, line and what to write.
 * Read {@link belonax.rules.RuleTable} first; it uses nothing but {@link belonax.BadInput}.
 */
@NullMarked
package belonax.rules;

import org.jspecify.annotations.NullMarked;
