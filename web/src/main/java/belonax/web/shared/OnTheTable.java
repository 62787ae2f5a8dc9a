package belonax.web.shared;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks the {@code Optional<MachineNow>} of a controller's method: the machine that the address names, or the one that this browser
 * has on the table; empty where there is no machine yet.
 */
@Target(ElementType.PARAMETER)
@Retention(RetentionPolicy.RUNTIME)
@Documented
public @interface OnTheTable {}
