/**
 * What is checked next when something goes wrong: symptoms, causes and checks as tables, and a model over sets of causes. Read
 * {@link belonax.fault.FaultFinder} first. May use everything down to {@code balance}.
 */
@NullMarked
package belonax.fault;

import org.jspecify.annotations.NullMarked;
