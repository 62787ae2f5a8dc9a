package belonax.web.shared.form;

import java.lang.reflect.RecordComponent;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.util.ReflectionUtils;
import org.springframework.validation.BindingResult;
import org.springframework.validation.Errors;
import org.springframework.validation.FieldError;
import org.springframework.validation.SmartValidator;

/** Tells which entries are missing, all at once. Ranges are the core's. */
final class NeededEntries implements SmartValidator {
    @Override
    public boolean supports(Class<?> form) {
        return form.isRecord();
    }

    @Override
    public void validate(Object form, Errors errors) {
        validate(form, errors, new Object[0]);
    }

    @Override
    public void validate(Object form, Errors errors, Object... hints) {
        for (RecordComponent component : form.getClass().getRecordComponents()) {
            ReflectionUtils.makeAccessible(component.getAccessor());
            check(component, ReflectionUtils.invokeMethod(component.getAccessor(), form), errors);
        }
    }

    /** Asked for each entry that could be read, when another could not. */
    @Override
    public void validateValue(Class<?> form, String field, @Nullable Object value, Errors errors, Object... hints) {
        Stream.of(form.getRecordComponents())
                .filter(component -> component.getName().equals(field))
                .forEach(component -> check(component, value, errors));
    }

    private static void check(RecordComponent entry, @Nullable Object value, Errors errors) {
        Ask ask = entry.getAnnotation(Ask.class);
        boolean isMissing = value == null || value instanceof String text && text.isBlank();
        if (ask != null && ask.needed() && isMissing && !errors.hasFieldErrors(entry.getName())) {
            // By itself: beside an entry that could not be read there is no form yet that a value could be rejected in.
            ((BindingResult) errors)
                    .addError(new FieldError(
                            errors.getObjectName(),
                            entry.getName(),
                            value,
                            false,
                            null,
                            null,
                            "This is missing. " + ask.value()));
        }
    }

    /** Returns what to type into an entry; empty where nothing is told. */
    static String advice(Class<?> form, String field) {
        return Stream.of(form.getRecordComponents())
                .filter(component -> component.getName().equals(field))
                .map(component -> component.getAnnotation(Ask.class))
                .filter(Objects::nonNull)
                .map(Ask::value)
                .findFirst()
                .orElse("");
    }
}
