/**
 * The Bench stop, on which the work starts: ready to sew, what is due, the work counted. Read {@link
 * belonax.web.bench.BenchPage} first.
 */
@NullMarked
package belonax.web.bench;

import org.jspecify.annotations.NullMarked;
