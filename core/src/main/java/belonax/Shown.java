package belonax;

import java.util.Locale;

/** Numbers as they are shown and typed: with no decimal that says nothing. */
public final class Shown {
    private static final double A_TENTH_OF_NOTHING = 0.05;

    private Shown() {}

    /** Returns a number with at most two decimals, such as 4, 2.5 or 3.75. */
    public static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceFirst("\\.?0+$", "");
    }

    /** Returns a number with one decimal at most, such as 25 or 16.7. */
    public static String tenths(double value) {
        return Math.abs(value - Math.rint(value)) < A_TENTH_OF_NOTHING
                ? String.format(Locale.ROOT, "%.0f", value)
                : String.format(Locale.ROOT, "%.1f", value);
    }

    /** Returns a sentence with a capital letter in front. */
    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
