/**
 * What a needle is: its system, type and size, and which of them are made. Read {@link belonax.needle.Needle} first,
 * then {@link belonax.needle.NeedleType}, whose constants carry the rule of their kind. Uses nothing but
 * {@link belonax.BadInput}. The reader of printed packets belongs here too.
 */
@NullMarked
package belonax.needle;

import org.jspecify.annotations.NullMarked;
