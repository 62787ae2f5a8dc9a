/**
 * What keeps the sewing room private: unknown hosts are refused, forms carry a token, pages run no script but our own. Read
 * {@link belonax.web.shared.security.SecurityRules} first.
 */
@NullMarked
package belonax.web.shared.security;

import org.jspecify.annotations.NullMarked;
