/** Benchmarks of the core. Every number in docs/benchmarks.md comes from here; run them with {@code ./benchmark}. */
@NullMarked
package belonax.benchmarks;

import org.jspecify.annotations.NullMarked;
