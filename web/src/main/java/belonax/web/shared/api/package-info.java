/**
 * What all parts of the JSON interface share: how bodies are read strictly, and how everything that is wrong is told as a
 * problem document. Read {@link belonax.web.shared.api.StrictJson} first.
 */
@NullMarked
package belonax.web.shared.api;

import org.jspecify.annotations.NullMarked;
