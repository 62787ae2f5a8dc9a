package belonax.web.shared.drawer;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A packet of new needles.
 *
 * @param spacingMm distance between several needles on one shank; null for a single one
 * @param point their point; null for a single one
 * @param count how many are left
 */
public record Packet(
        NeedleSystem system,
        NeedleType type,
        int nm,
        @Nullable Double spacingMm,
        @Nullable NeedleType point,
        int count,
        boolean coated,
        String note)
        implements Card {

    public Packet {
        BadInput.unless(count >= 0 && count <= 500, "count", () -> "A packet holds 0 to 500 needles. Count them.");
        Card.checkLength("note", note, 300);
        needle(system, type, nm, spacingMm, point);
    }

    /** Returns a packet of these needles. */
    public static Packet of(Needle needle, int count, boolean coated, String note) {
        return new Packet(
                needle.system(),
                needle.type(),
                needle.size().nm(),
                needle.twin().map(Twin::spacingMm).orElse(null),
                needle.twin().map(Twin::point).orElse(null),
                count,
                coated,
                note);
    }

    public Needle needle() {
        return needle(system, type, nm, spacingMm, point);
    }

    public Packet withCount(int left) {
        return new Packet(system, type, nm, spacingMm, point, left, coated, note);
    }

    @Override
    public String words() {
        return needle().words();
    }

    @Override
    public String wordsToFind() {
        return (words() + " " + needle().label() + " " + note).toLowerCase(Locale.ROOT);
    }

    private static Needle needle(
            NeedleSystem system, NeedleType type, int nm, @Nullable Double spacingMm, @Nullable NeedleType point) {
        return new Needle(
                system,
                type,
                NeedleSize.ofNm(nm),
                spacingMm == null
                        ? Optional.empty()
                        : Optional.of(new Twin(spacingMm, Objects.requireNonNullElse(point, NeedleType.UNIVERSAL))));
    }
}
