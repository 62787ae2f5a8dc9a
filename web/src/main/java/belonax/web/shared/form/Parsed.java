package belonax.web.shared.form;

import belonax.BadInput;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Reads one entry, or says in a sentence why it will not do. */
public final class Parsed {
    private static final String LAYERS = "Count the layers under the foot: 1 to 32.";
    /** A comma before three digits parts thousands for some and tenths for others; nothing is guessed. */
    private static final String THOUSANDS_PERHAPS = "[-+]?[1-9][0-9]{0,2},[0-9]{3}";

    private static final int SHOWN = 40;
    private static final double MAX_WHOLE = 1e9;

    private Parsed() {}

    /**
     * Reads a number; a comma will do for the point.
     *
     * @param advice what to type instead, a whole sentence
     * @throws BadInput if it is none
     */
    public static double number(String field, String text, String advice) {
        String stripped = text.strip();
        BadInput.unless(
                !stripped.matches(THOUSANDS_PERHAPS),
                field,
                () -> "“" + stripped + "” can be read as " + stripped.replace(",", "") + " or as "
                        + stripped.replace(',', '.') + ". Type the one that you mean, without a comma.");
        if (stripped.matches("[-+]?[0-9.,]+")) {
            try {
                return Double.parseDouble(stripped.replace(',', '.'));
            } catch (NumberFormatException notANumber) {
                // Told below.
            }
        }
        throw new BadInput(field, "“" + abridged(stripped) + "” is not a number. " + advice);
    }

    /**
     * Refuses a number that is not whole.
     *
     * @throws BadInput if it is not, or far too large
     */
    public static int whole(String field, double value, String advice) {
        BadInput.unless(
                value == Math.rint(value) && Math.abs(value) <= MAX_WHOLE,
                field,
                () -> "Only whole numbers will do. " + advice);
        return (int) value;
    }

    /**
     * Reads a number of layers.
     *
     * @throws BadInput if it is no whole number
     */
    public static int layers(String field, String text) {
        return whole(field, number(field, text, LAYERS), LAYERS);
    }

    /**
     * Reads one word of a closed set.
     *
     * @throws BadInput if it is not in it
     */
    public static <E extends Enum<E>> E word(String field, Class<E> type, String text) {
        return Stream.of(Objects.requireNonNull(type.getEnumConstants()))
                .filter(value -> value.name().equals(text))
                .findFirst()
                .orElseThrow(() -> new BadInput(field, noChoice(text)));
    }

    /** Returns the number that is shown as such a text; null where nothing is shown. */
    public static @Nullable Double shown(@Nullable String number) {
        return number == null || number.isEmpty() ? null : Double.valueOf(number);
    }

    static String noChoice(String text) {
        return "“" + abridged(text) + "” is not one of the choices. Pick one from the list.";
    }

    static String noDate(String text) {
        return "“" + abridged(text) + "” is not a date. Pick the day in the calendar, or type it as 2026-03-09.";
    }

    private static String abridged(String text) {
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }
}
