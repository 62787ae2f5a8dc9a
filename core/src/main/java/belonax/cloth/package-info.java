/**
 * What lies under the foot. Read {@link belonax.cloth.Cloth} and {@link belonax.cloth.Stack} first; {@link
 * belonax.cloth.ClothCatalogue} holds the cloths that can be chosen by name. Uses nothing but {@link belonax.BadInput}.
 */
@NullMarked
package belonax.cloth;

import org.jspecify.annotations.NullMarked;
