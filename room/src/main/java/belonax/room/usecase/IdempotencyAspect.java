package belonax.room.usecase;

import belonax.room.CraftJson;
import com.fasterxml.jackson.core.JsonProcessingException;
import java.lang.reflect.Method;
import java.util.Optional;
import org.aspectj.lang.ProceedingJoinPoint;
import org.aspectj.lang.annotation.Around;
import org.aspectj.lang.annotation.Aspect;
import org.aspectj.lang.reflect.MethodSignature;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Carries a use case out once for each press. The key is written down in the transaction of the use case itself. */
@Aspect
@Component
@Order(0) // Around the transaction that every use case would open by itself.
class IdempotencyAspect {
    private final IdempotencyStore presses;
    private final TransactionTemplate whole;

    IdempotencyAspect(IdempotencyStore presses, TransactionTemplate whole) {
        this.presses = presses;
        this.whole = whole;
    }

    @Around("@annotation(UseCase)")
    @Nullable
    Object once(ProceedingJoinPoint useCase) throws Throwable {
        Optional<CurrentIdempotencyKey.Key> press = CurrentIdempotencyKey.now();
        if (press.isEmpty() || TransactionSynchronizationManager.isActualTransactionActive()) {
            return useCase.proceed(); // By itself, or as a part of another use case.
        }
        CurrentIdempotencyKey.carriedOut();
        try {
            return whole.execute(any -> once(press.get(), useCase));
        } catch (Failed failed) {
            throw failed.getCause();
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void forgetOld() {
        presses.forgetOld();
    }

    private @Nullable Object once(CurrentIdempotencyKey.Key press, ProceedingJoinPoint useCase) {
        Method method = ((MethodSignature) useCase.getSignature()).getMethod();
        String asked = method.getDeclaringClass().getSimpleName() + "." + method.getName() + " " + press.sent();
        Optional<IdempotencyStore.Done> before = presses.begin(press.key(), asked);
        if (before.isPresent()) {
            return repeated(before.get(), asked, method);
        }
        Object answer = proceed(useCase);
        presses.answered(press.key(), CraftJson.write(answer));
        return answer;
    }

    private static @Nullable Object repeated(IdempotencyStore.Done before, String asked, Method method) {
        if (!before.asked().equals(asked)) {
            throw new IdempotencyConflict();
        }
        try {
            return CraftJson.mapper()
                    .readValue(
                            before.answer(),
                            CraftJson.mapper().getTypeFactory().constructType(method.getGenericReturnType()));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static @Nullable Object proceed(ProceedingJoinPoint useCase) {
        try {
            return useCase.proceed();
        } catch (RuntimeException | Error e) {
            throw e;
        } catch (Throwable checked) {
            throw new Failed(checked);
        }
    }

    /** Carries what a use case throws out of its transaction. */
    private static final class Failed extends RuntimeException {
        Failed(Throwable cause) {
            super(cause);
        }

        @Override
        public synchronized Throwable getCause() {
            return java.util.Objects.requireNonNull(super.getCause());
        }
    }
}
