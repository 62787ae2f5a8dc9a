package belonax.web.shared.form;

import belonax.needle.NeedleSystem;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.ResolvableType;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.format.support.DefaultFormattingConversionService;
import org.springframework.format.support.FormattingConversionService;
import org.springframework.stereotype.Controller;
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
            binder.setBindingErrorProcessor(new SaysWhatToType(form));
            binder.addValidators(new NeededEntries());
        }
    }

    /** Returns a binder that makes a form of entries that did not come by the browser, such as the row of a table. */
    public static DataBinder binder(Class<?> form) {
        DataBinder binder = new DataBinder(null, FormPage.FORM);
        binder.setTargetType(ResolvableType.forClass(form));
        binder.setConversionService(CONVERSION);
        prepare(binder);
        return binder;
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
                    .filter(it -> it.label().equals(text.strip()) || it.name().equals(text.strip()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(text));
        }
    }
}
