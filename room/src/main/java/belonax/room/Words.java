package belonax.room;

import belonax.Shown;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How numbers and names are written on pages. */
public final class Words {
    private static final String[] QUARTERS = {"", "¼", "½", "¾"};

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    private Words() {}

    /** Returns a dial's number with quarters as fractions, such as 3¾. */
    public static String number(double value) {
        long quarters = Math.round(value * 4);
        long whole = Math.floorDiv(quarters, 4);
        String fraction = QUARTERS[(int) Math.floorMod(quarters, 4L)];
        return whole == 0 && !fraction.isEmpty() ? fraction : whole + fraction;
    }

    /** Returns a dial's number as it is typed, such as 3.75. */
    public static String typed(double value) {
        return Shown.number(value);
    }

    /** Returns a number as short as it can be typed, such as 80 or 0.125. */
    public static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? String.valueOf(Math.round(value))
                : String.valueOf(value);
    }

    /** Returns a chance as one says it, such as 3 in 100; never as nothing at all. */
    public static String chance(double chance) {
        long inHundred = Math.round(chance * 100);
        return inHundred == 0 ? "< 1 in 100" : inHundred + " in 100";
    }

    /** Returns a length in millimetres without needless decimals, such as 2.5 or 3. */
    public static String mm(double value) {
        return Shown.tenths(value);
    }

    /** Returns how many there are, such as 1 check or 3 checks. */
    public static String count(long number, String of) {
        return number + " " + of + (number == 1 ? "" : "s");
    }

    /** Returns a day in the one form that stands everywhere, such as 24 Nov 2026. */
    public static String date(LocalDate day) {
        return DAY.format(day);
    }

    /** Returns a moment as the sewist's own clock has it, such as 24 Nov 2026, 19:24. */
    public static String dayAndTime(Instant moment, ZoneId zone) {
        return TIME.format(moment.atZone(zone));
    }

    /** Returns a time as a clock shows it, such as 0:42 or 1:02:07. */
    public static String clock(long seconds) {
        return seconds >= 3600
                ? String.format(Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60)
                : String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
    }

    public static String capital(String text) {
        return Shown.capital(text);
    }

    /** Returns the article that goes before a word as it is spoken: a universal needle, an embroidery needle. */
    public static String article(String word) {
        boolean spokenAsYou = word.startsWith("uni");
        return "aeiou".indexOf(word.charAt(0)) >= 0 && !spokenAsYou ? "an" : "a";
    }
}
