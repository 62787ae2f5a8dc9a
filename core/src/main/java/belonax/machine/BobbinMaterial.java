package belonax.machine;

import java.util.Locale;
import java.util.Optional;

/** What a bobbin is made of: it decides how heavily it turns. */
public enum BobbinMaterial {
    PLASTIC("plastic"),
    METAL("metal");

    private final String words;

    BobbinMaterial(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Finds the material that words speak of. */
    public static Optional<BobbinMaterial> in(String words) {
        String lower = words.toLowerCase(Locale.ROOT);
        if (lower.contains("plastic")) {
            return Optional.of(PLASTIC);
        }
        return lower.contains("metal") || lower.contains("steel") ? Optional.of(METAL) : Optional.empty();
    }
}
