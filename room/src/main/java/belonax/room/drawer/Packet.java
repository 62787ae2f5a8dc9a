package belonax.room.drawer;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A packet of new needles.
 *
 * @param letters what stands where the kind should be and cannot be read; null where the kind is known
 * @param rough whether its needles fray thread though they are new: a rough eye from the start
 * @param spacingMm distance between several needles on one shank; null for a single one
 * @param point their point; null for a single one
 * @param type the kind; null where its letters cannot be read: such a packet is kept and never offered
 * @param count how many are left
 */
@IsCard(CardKind.PACKET)
public record Packet(
        NeedleSystem system,
        @Nullable NeedleType type,
        int nm,
        @Nullable Double spacingMm,
        @Nullable NeedleType point,
        int count,
        boolean coated,
        String note,
        @Nullable String letters,
        boolean rough)
        implements Card {

    public Packet {
        BadInput.unless(count >= 0 && count <= 500, "count", () -> "A packet holds 0 to 500 needles. Count them.");
        Card.checkLength("note", note, 300);
        Card.checkLength("letters", Objects.requireNonNullElse(letters, ""), 20);
        NeedleSize.ofNm(nm);
        if (type != null) {
            needle(system, type, nm, spacingMm, point);
        }
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
                note,
                null,
                false);
    }

    /** Tells whether it is known what kind of needle is in it. */
    public boolean isKnown() {
        return type != null;
    }

    /** Returns the needle that is in it; ask {@link #isKnown} first. */
    public Needle needle() {
        if (type == null) {
            throw new IllegalStateException("A packet whose letters cannot be read names no needle.");
        }
        return needle(system, type, nm, spacingMm, point);
    }

    /** Tells whether it may be offered: its kind is known, one is left, and its eyes were not found rough. */
    public boolean isOffered() {
        return isKnown() && count > 0 && !rough;
    }

    /** Returns the packet's code; of an unknown kind as far as it can be read. */
    public String code() {
        return isKnown() ? needle().code() : system.label() + " " + Objects.requireNonNullElse(letters, "?");
    }

    public Packet withCount(int left) {
        return new Packet(system, type, nm, spacingMm, point, left, coated, note, letters, rough);
    }

    @Override
    public String words() {
        return isKnown()
                ? needle().words()
                : "unknown kind (" + Objects.requireNonNullElse(letters, "?") + ") " + NeedleSize.ofNm(nm);
    }

    @Override
    public String wordsToFind() {
        return (words() + " " + (isKnown() ? needle().label() : code()) + (rough ? " rough " : " ") + note)
                .toLowerCase(Locale.ROOT);
    }

    private static Needle needle(
            NeedleSystem system, NeedleType type, int nm, @Nullable Double spacingMm, @Nullable NeedleType point) {
        return Needle.of(system, type, nm, Optional.ofNullable(spacingMm), Optional.ofNullable(point));
    }
}
