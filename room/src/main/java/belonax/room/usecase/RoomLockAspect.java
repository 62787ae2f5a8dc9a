package belonax.room.usecase;

import org.aspectj.lang.ProceedingJoinPoint;
import org.aspectj.lang.annotation.Around;
import org.aspectj.lang.annotation.Aspect;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Before a use case begins: is the whole room being changed, and is there room on the disk to write down what is done? */
@Aspect
@Component
@Order(-1) // Around the key of the press, which is written down too.
class RoomLockAspect {
    private final RoomLock gate;
    private final DiskSpace disk;

    RoomLockAspect(RoomLock gate, DiskSpace disk) {
        this.gate = gate;
        this.disk = disk;
    }

    @Around("@annotation(UseCase)")
    @Nullable
    Object pass(ProceedingJoinPoint useCase) throws Throwable {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return useCase.proceed(); // A part of another use case, which stood here before.
        }
        disk.check();
        gate.enter();
        try {
            return useCase.proceed();
        } finally {
            gate.leave();
        }
    }
}
