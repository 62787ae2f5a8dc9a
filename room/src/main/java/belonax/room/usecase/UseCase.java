package belonax.room.usecase;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.transaction.annotation.Transactional;

/**
 * Something that a sewist does: one transaction, which holds what it decides on before it reads it. Sent twice with the key of one
 * press, it is done once and answered twice; sent again with that key and other values, it is refused.
 */
@Documented
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional
public @interface UseCase {}
