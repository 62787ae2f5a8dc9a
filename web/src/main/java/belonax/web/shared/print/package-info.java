/** Prints as PDF: a template in well-formed HTML, inline drawings, and the same letters as on the screen. */
@NullMarked
package belonax.web.shared.print;

import org.jspecify.annotations.NullMarked;
