package belonax.web.shared.form;

import belonax.BadInput;
import belonax.room.Words;
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
}
