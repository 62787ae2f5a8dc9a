package belonax.web.shared.form;

import belonax.needle.NeedleSystem;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.ResolvableType;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.format.support.DefaultFormattingConversionService;
import org.springframework.format.support.FormattingConversionService;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.validation.BindingResult;
import org.springframework.validation.DataBinder;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.ExtendedServletRequestDataBinder;

/** How entries become the values of a form's record. What stands in a form is what was typed into it: headers are no entries. */
@ControllerAdvice(annotations = Controller.class)
public class FormBinding implements WebMvcConfigurer {
    /** Reads and shows entries outside of a request as well. */
    private static final FormattingConversionService CONVERSION = new DefaultFormattingConversionService();

    static {
        addTo(CONVERSION);
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        addTo(registry);
    }

    private static void addTo(FormatterRegistry registry) {
        registry.addFormatterForFieldType(Double.class, new TypedNumber());
        registry.addFormatterForFieldType(Integer.class, new TypedNumber.Whole());
        registry.addConverter(new SystemByName());
    }

    @InitBinder
    void prepare(WebDataBinder binder) {
        if (binder instanceof ExtendedServletRequestDataBinder ofRequest) {
            ofRequest.setHeaderPredicate(header -> false);
        }
        prepare((DataBinder) binder);
    }

    /** Lets a binder tell in a sentence what is wrong with an entry, and which one is missing. */
    private static void prepare(DataBinder binder) {
        Class<?> form = binder.getTarget() != null
                ? binder.getTarget().getClass()
                : binder.getTargetType() == null ? null : binder.getTargetType().resolve();
        if (form != null && form.isRecord()) {
            // By themselves, so that what they refuse is not tried again by editors that read 1e3 or NaN.
            binder.registerCustomEditor(Double.class, new TypedNumber.Editor<>(new TypedNumber()));
            binder.registerCustomEditor(Integer.class, new TypedNumber.Editor<>(new TypedNumber.Whole()));
            binder.setBindingErrorProcessor(new SaysWhatToType(form));
            binder.addValidators(new NeededEntries());
        }
    }

    /**
     * Makes a form of entries that did not come by the browser, such as the row of a table.
     *
     * @param entries what was typed, by the entries' names
     */
    public static BindingResult bind(Class<?> form, Map<String, String> entries) {
        DataBinder binder = new DataBinder(null, FormPage.FORM);
        binder.setTargetType(ResolvableType.forClass(form));
        binder.setConversionService(CONVERSION);
        prepare(binder);
        binder.construct(new Typed(entries));
        BindingResult result = binder.getBindingResult();
        if (result.getTarget() != null) {
            binder.validate();
        } else {
            NeededEntries needed = new NeededEntries();
            for (RecordComponent component : form.getRecordComponents()) {
                needed.validateValue(form, component.getName(), result.getFieldValue(component.getName()), result);
            }
        }
        return result;
    }

    /** Makes a record of words as they were typed: nothing in it is read or refused yet. */
    public static <T> T words(Class<T> words, MultiValueMap<String, String> typed) {
        DataBinder binder = new DataBinder(null, FormPage.FORM);
        binder.setTargetType(ResolvableType.forClass(words));
        binder.setConversionService(CONVERSION);
        binder.construct(new TypedValues(typed));
        return words.cast(Objects.requireNonNull(binder.getTarget()));
    }

    private record TypedValues(MultiValueMap<String, String> typed) implements DataBinder.ValueResolver {
        @Override
        public @Nullable Object resolveValue(String name, Class<?> type) {
            return List.class.isAssignableFrom(type) ? typed.get(name) : typed.getFirst(name);
        }

        @Override
        public Set<String> getNames() {
            return typed.keySet();
        }
    }

    private record Typed(Map<String, String> entries) implements DataBinder.ValueResolver {
        @Override
        public @Nullable Object resolveValue(String name, Class<?> type) {
            return entries.get(name);
        }

        @Override
        public Set<String> getNames() {
            return entries.keySet();
        }
    }

    /** Returns the result of binding a form that was filled in, to tell in it what is wrong. */
    static BindingResult filled(Object form, String name) {
        DataBinder binder = new DataBinder(form, name);
        binder.setConversionService(CONVERSION);
        return binder.getBindingResult();
    }

    /** A system is told by the form's word or by the trade's name. */
    private static final class SystemByName implements Converter<String, NeedleSystem> {
        @Override
        public @Nullable NeedleSystem convert(String text) {
            if (text.isBlank()) {
                return null;
            }
            return Stream.of(NeedleSystem.values())
                    .filter(system ->
                            system.label().equals(text.strip()) || system.name().equals(text.strip()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(text));
        }
    }
}
