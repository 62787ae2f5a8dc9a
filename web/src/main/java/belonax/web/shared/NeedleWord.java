package belonax.web.shared;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.web.util.UriUtils;

/** A needle as one word, by which addresses and forms carry it from stop to stop. */
public final class NeedleWord {
    private static final String BETWEEN = "~";

    private NeedleWord() {}

    /** Returns the word of a needle, as a form sends it. */
    public static String of(Needle needle) {
        String one = String.join(
                BETWEEN,
                needle.system().label(),
                needle.type().name(),
                String.valueOf(needle.size().nm()));
        return needle.twin().map(twin -> one + BETWEEN + rest(twin)).orElse(one);
    }

    /** Returns the word of a needle as it stands in an address. */
    public static String inAddress(Needle needle) {
        return UriUtils.encode(of(needle), StandardCharsets.UTF_8);
    }

    /** Reads a word; one that names no needle names none. */
    public static Optional<Needle> read(String word) {
        try {
            return Optional.of(needle(List.of(word.split(BETWEEN))));
        } catch (BadInput | IllegalArgumentException | IndexOutOfBoundsException none) {
            return Optional.empty();
        }
    }

    private static String rest(Twin twin) {
        return twin.spacingMm() + BETWEEN + twin.point().name();
    }

    private static Needle needle(List<String> parts) {
        boolean several = parts.size() > 3;
        return Needle.of(
                NeedleSystem.of(parts.get(0)),
                NeedleType.valueOf(parts.get(1)),
                Integer.parseInt(parts.get(2)),
                several ? Optional.of(Double.valueOf(parts.get(3))) : Optional.empty(),
                several ? Optional.of(NeedleType.valueOf(parts.get(4))) : Optional.empty());
    }
}
