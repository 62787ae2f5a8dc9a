package belonax.web.shared.form;

import belonax.BadInput;
import java.lang.reflect.RecordComponent;
import java.util.stream.Stream;
import org.springframework.beans.PropertyAccessException;
import org.springframework.util.ObjectUtils;
import org.springframework.validation.BindingResult;
import org.springframework.validation.DefaultBindingErrorProcessor;
import org.springframework.validation.FieldError;

/** Tells in a sentence what is wrong with an entry that cannot be read, and what to type instead. */
final class SaysWhatToType extends DefaultBindingErrorProcessor {
    private final Class<?> form;

    SaysWhatToType(Class<?> form) {
        this.form = form;
    }

    @Override
    public void processPropertyAccessException(PropertyAccessException unread, BindingResult errors) {
        String field = String.valueOf(unread.getPropertyName());
        String typed = ObjectUtils.isArray(unread.getValue())
                ? String.join(
                        ",",
                        Stream.of((Object[]) unread.getValue())
                                .map(String::valueOf)
                                .toList())
                : String.valueOf(unread.getValue());
        errors.addError(new FieldError(errors.getObjectName(), field, typed, true, null, null, sentence(field, typed)));
    }

    private String sentence(String field, String typed) {
        boolean isNumber = isOf(field, "Double") || isOf(field, "Integer");
        if (!isNumber) {
            return isOf(field, "LocalDate") ? Parsed.noDate(typed) : Parsed.noChoice(typed);
        }
        String advice = NeededEntries.advice(form, field);
        try {
            Parsed.number(field, typed, advice);
            return "Only whole numbers will do. " + advice;
        } catch (BadInput refused) {
            return String.valueOf(refused.getMessage());
        }
    }

    private boolean isOf(String field, String type) {
        return Stream.of(form.getRecordComponents())
                .filter(component -> component.getName().equals(field))
                .map(RecordComponent::getGenericType)
                .anyMatch(otherType -> otherType.getTypeName().contains(type));
    }
}
