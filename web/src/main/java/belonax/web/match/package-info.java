/**
 * The Match stop: which needle for this cloth and thread? Read {@link belonax.web.match.MatchPage} for the page and {@link
 * belonax.web.match.MatchApi} for the JSON; both call the same core.
 */
@NullMarked
package belonax.web.match;

import org.jspecify.annotations.NullMarked;
