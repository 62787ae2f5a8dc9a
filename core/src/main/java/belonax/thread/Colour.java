package belonax.thread;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A colour that words tell, nearly. Only a help to find a spool again and to put spools in order; a strand laid on the cloth in
 * daylight decides. Source: docs/craft.md, "Colour".
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
public record Colour(int red, int green, int blue) {
    private static final Map<String, Colour> BY_WORD = new LinkedHashMap<>();
    private static final Map<String, Pattern> WORDS = new LinkedHashMap<>();
    private static final double DEEP = 0.35;

    static {
        put(0xF2F0E6, "white", "ivory", "cream", "natural", "ecru", "sailcloth");
        put(0x1B1B1F, "black", "charcoal", "soot");
        put(0x20365E, "navy", "midnight");
        put(0x2F6DB5, "blue", "sky", "azure");
        put(0x1F8A8A, "teal", "turquoise", "petrol");
        put(0x2E7D4F, "green", "moss", "olive", "emerald");
        put(0xE3B23C, "yellow", "gold", "amber", "mustard");
        put(0xD9691E, "orange", "rust", "copper");
        put(0xB3202C, "red", "crimson", "scarlet", "ember");
        put(0xD26A8B, "pink", "rose", "peach");
        put(0x6B3FA0, "purple", "violet", "plum", "lilac");
        put(0x7A5230, "brown", "tan", "beige", "sand");
        put(0xA9B4B8, "grey", "gray", "silver");
        put(0xDCE6E8, "clear", "invisible");
    }

    /** Finds the colour that words speak of; a word before it makes it lighter or darker. */
    public static Optional<Colour> in(String words) {
        String lower = words.toLowerCase(Locale.ROOT);
        return BY_WORD.entrySet().stream()
                .filter(entry -> Objects.requireNonNull(WORDS.get(entry.getKey()))
                        .matcher(lower)
                        .find())
                .map(Map.Entry::getValue)
                .findFirst()
                .map(colour -> lower.contains("light") || lower.contains("pale")
                        ? colour.mixedWith(255)
                        : lower.contains("dark") || lower.contains("deep") ? colour.mixedWith(0) : colour);
    }

    /** Returns it as SVG has it. */
    public String hex() {
        return String.format(Locale.ROOT, "#%02X%02X%02X", red, green, blue);
    }

    /** Returns how light it looks, 0 for black and 1 for white. */
    public double lightness() {
        return Math.cbrt(0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue));
    }

    /** Tells whether it is a deep colour. */
    public boolean isDeep() {
        return lightness() < DEEP;
    }

    /** Returns how far two colours lie apart, 0 for the same and about 1 for black and white. */
    public double distance(Colour other) {
        double r = red - other.red;
        double g = green - other.green;
        double b = blue - other.blue;
        return Math.sqrt(r * r + g * g + b * b) / 442;
    }

    private Colour mixedWith(int grey) {
        return new Colour((2 * red + grey) / 3, (2 * green + grey) / 3, (2 * blue + grey) / 3);
    }

    private static double linear(int value) {
        return Math.pow(value / 255.0, 2.2);
    }

    private static void put(int rgb, String... words) {
        for (String word : words) {
            WORDS.put(word, Pattern.compile("\\b" + word));
            BY_WORD.put(word, new Colour(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255));
        }
    }
}
