package belonax.web.fit;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.web.util.UriUtils;

/**
 * The needle that is to go in, as an address carries it through the steps: system, type, size in hundredths of a millimetre, and for
 * several points their distance in millimetres and their kind.
 */
record GoesIn(String word, Optional<Needle> needle) {
    private static final String BETWEEN = "~";

    /** Reads a word; one that names no needle names none. */
    static GoesIn of(String word) {
        try {
            return new GoesIn(word, Optional.of(read(List.of(word.split(BETWEEN)))));
        } catch (BadInput | IllegalArgumentException | IndexOutOfBoundsException none) {
            return new GoesIn("", Optional.empty());
        }
    }

    /** Returns what an address ends with that carries it; nothing where none is named. */
    String carried() {
        return needle.isEmpty() ? "" : "&in=" + UriUtils.encode(word, StandardCharsets.UTF_8);
    }

    private static Needle read(List<String> parts) {
        boolean several = parts.size() > 3;
        return Needle.of(
                NeedleSystem.of(parts.get(0)),
                NeedleType.valueOf(parts.get(1)),
                Integer.parseInt(parts.get(2)),
                several ? Optional.of(Double.valueOf(parts.get(3))) : Optional.empty(),
                several ? Optional.of(NeedleType.valueOf(parts.get(4))) : Optional.empty());
    }
}
