package belonax.web.shared.form;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.room.usecase.IdempotencyConflict;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.beans.BeanUtils;
import org.springframework.validation.BindingResult;
import org.springframework.validation.Errors;
import org.springframework.validation.FieldError;

/** Between what refuses and the entries of a form: one sentence beside its entry, or over the form where it is about all of it. */
public final class Problems {
    private Problems() {}

    /** Does what the form asks for; empty, and told beside the entries, when it is refused or could not be read. */
    public static <T> Optional<T> read(BindingResult errors, Supplier<T> asked) {
        if (errors.hasErrors()) {
            return Optional.empty();
        }
        try {
            return Optional.of(asked.get());
        } catch (BadInput refused) {
            show(refused, errors);
        } catch (ChangedMeanwhile | IdempotencyConflict refused) {
            errors.reject("refused", String.valueOf(refused.getMessage()));
        }
        return Optional.empty();
    }

    /**
     * Refuses a form that could not be read; it is told on the page that asked.
     *
     * @throws BadInput naming each entry
     */
    public static void refuseUnread(BindingResult errors) {
        if (errors.hasErrors()) {
            throw new BadInput(errors.getAllErrors().stream()
                    .map(objectError -> new BadInput.Problem(
                            objectError instanceof FieldError entry ? entry.getField() : "",
                            String.valueOf(objectError.getDefaultMessage())))
                    .toList());
        }
    }

    /** Tells what the core refuses beside the entries of the same names. */
    public static void show(BadInput refused, Errors errors) {
        for (BadInput.Problem problem : refused.problems()) {
            if (hasEntry(errors, problem.field())) {
                errors.rejectValue(problem.field(), "refused", problem.message());
            } else {
                errors.reject("refused", problem.message());
            }
        }
    }

    private static boolean hasEntry(Errors errors, String field) {
        Object form = errors instanceof BindingResult bound ? bound.getTarget() : null;
        if (form instanceof Map<?, ?> sent) {
            return sent.containsKey(field);
        }
        return !field.isEmpty() && form != null && BeanUtils.getPropertyDescriptor(form.getClass(), field) != null;
    }
}
