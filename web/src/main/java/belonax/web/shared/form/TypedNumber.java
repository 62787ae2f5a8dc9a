package belonax.web.shared.form;

import belonax.BadInput;
import belonax.room.Words;
import java.beans.PropertyEditorSupport;
import java.text.ParseException;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.format.Formatter;

/** A number as sewists type it: a comma will do for the point. */
final class TypedNumber implements Formatter<Double> {
    @Override
    public @Nullable Double parse(String text, Locale locale) throws ParseException {
        return number(text);
    }

    @Override
    public String print(Double value, Locale locale) {
        return Words.plain(value);
    }

    private static double number(String text) throws ParseException {
        try {
            return Parsed.number("", text, "");
        } catch (BadInput refused) {
            throw new ParseException(text, 0);
        }
    }

    /** A whole number. */
    static final class Whole implements Formatter<Integer> {
        @Override
        public @Nullable Integer parse(String text, Locale locale) throws ParseException {
            try {
                return Parsed.whole("", number(text), "");
            } catch (BadInput refused) {
                throw new ParseException(text, 0);
            }
        }

        @Override
        public String print(Integer value, Locale locale) {
            return String.valueOf(value);
        }
    }

    /** Lets a binder read numbers with one of these and with nothing else. */
    static final class Editor<T> extends PropertyEditorSupport {
        private final Formatter<T> formatter;

        Editor(Formatter<T> formatter) {
            this.formatter = formatter;
        }

        @Override
        public void setAsText(String text) {
            try {
                setValue(text.isBlank() ? null : formatter.parse(text, Locale.ROOT));
            } catch (ParseException e) {
                throw new IllegalArgumentException(e);
            }
        }

        @Override
        @SuppressWarnings("unchecked") // Nothing else is put in.
        public String getAsText() {
            return getValue() == null ? "" : formatter.print((T) getValue(), Locale.ROOT);
        }
    }
}
