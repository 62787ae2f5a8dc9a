package belonax.web.shared.drawing;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** Gives a colour in words a colour to draw with. Only a help to find a spool again; a strand on the cloth decides. */
public final class ThreadColour {
    private static final String UNKNOWN = "#9AA9A6";
    private static final Map<String, String> BY_WORD = new LinkedHashMap<>();

    static {
        put("#F2F0E6", "white", "ivory", "cream", "natural", "ecru");
        put("#1B1B1F", "black", "charcoal");
        put("#20365E", "navy", "midnight");
        put("#2F6DB5", "blue", "sky", "azure");
        put("#1F8A8A", "teal", "turquoise", "petrol");
        put("#2E7D4F", "green", "moss", "olive", "emerald");
        put("#E3B23C", "yellow", "gold", "amber", "mustard");
        put("#D9691E", "orange", "rust", "copper");
        put("#B3202C", "red", "crimson", "scarlet");
        put("#D26A8B", "pink", "rose");
        put("#6B3FA0", "purple", "violet", "plum", "lilac");
        put("#7A5230", "brown", "tan", "beige", "sand");
        put("#A9B4B8", "grey", "gray", "silver");
        put("#DCE6E8", "clear", "invisible");
    }

    private ThreadColour() {}

    /** Returns a colour as SVG has it. */
    public static String of(String words) {
        String lower = words.toLowerCase(Locale.ROOT);
        return BY_WORD.entrySet().stream()
                .filter(it -> lower.contains(it.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(UNKNOWN);
    }

    private static void put(String colour, String... words) {
        for (String it : words) {
            BY_WORD.put(it, colour);
        }
    }
}
