package belonax.web.shared.form;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What to type into an entry of a form, a whole sentence; told where nothing usable was. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Ask {
    String value();

    /** Whether something has to stand there. */
    boolean needed() default false;
}
