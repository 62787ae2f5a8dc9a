package belonax.web.drawer.packet;

import belonax.needle.NeedleLabel;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.Choice;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import belonax.web.shared.form.Ask;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is typed about a packet, or about an assortment, which becomes a packet a size.
 */
public record PacketForm(
        @Nullable Integer revision,
        @Nullable NeedleSystem system,
        @Nullable Kind type,
        @Nullable String letters,

        @Ask(value = "Type the larger of the two numbers, such as 80.", needed = true) @Nullable
        List<Integer> nm,

        @Ask("Type the distance in mm, such as 4.") @Nullable
        Double spacing,

        @Nullable NeedleType point,

        @Ask(value = "Count the needles in the packet.", needed = true) @Nullable
        Integer count,

        @Nullable Boolean coated,
        @Nullable Boolean rough,
        @Nullable String note) {

    /** Stands in the list of kinds for a kind whose letters cannot be read. */
    private static final String UNKNOWN = "UNKNOWN";

    static final Lists LISTS = new Lists(
            Stream.of(NeedleSystem.values())
                    .map(it -> new Choice(it.name(), it.label()))
                    .toList(),
            Stream.concat(
                            Choice.of(NeedleType.values(), NeedleType::words).stream(),
                            Stream.of(new Choice(UNKNOWN, "unknown: letters we cannot read")))
                    .toList(),
            Choice.of(
                    Stream.of(NeedleType.values())
                            .filter(it -> !it.isMultiple())
                            .toArray(NeedleType[]::new),
                    NeedleType::words));

    /** The kind of a packet's needles; none where its letters cannot be read. */
    public record Kind(@Nullable NeedleType type) {
        /**
         * Reads a word of the list of kinds.
         *
         * @throws IllegalArgumentException if it is not in it
         */
        public static Kind valueOf(String word) {
            return word.equals(UNKNOWN) ? new Kind(null) : new Kind(NeedleType.valueOf(word));
        }

        /** Returns the word in the list of kinds. */
        @Override
        public String toString() {
            return type == null ? UNKNOWN : type.name();
        }
    }

    /** What the selects offer. */
    public record Lists(List<Choice> systems, List<Choice> types, List<Choice> points) {}

    static PacketForm of(Kept<Packet> kept) {
        Packet it = kept.card();
        return new PacketForm(
                kept.revision(),
                it.system(),
                new Kind(it.type()),
                it.letters(),
                List.of(it.nm()),
                it.spacingMm(),
                it.point(),
                it.count(),
                it.coated(),
                it.rough(),
                it.note());
    }

    /** Returns what the print of a packet tells; an assortment's count is shared out. */
    static PacketForm of(NeedleLabel.Reading reading) {
        boolean unknown = reading.isTypeUnknown();
        int sizes = Math.max(1, reading.sizes().size());
        return new PacketForm(
                null,
                reading.system().orElse(NeedleSystem.H_130_705),
                unknown ? new Kind(null) : reading.type().map(Kind::new).orElse(null),
                unknown ? String.join(" ", reading.unread()) : null,
                reading.sizes().stream().map(it -> it.nm()).toList(),
                reading.twin().map(it -> it.spacingMm()).orElse(null),
                reading.twin().map(it -> it.point()).orElse(null),
                Math.max(1, reading.count().orElse(5) / sizes),
                reading.coated(),
                false,
                null);
    }

    /**
     * Builds the packet.
     *
     * @throws belonax.BadInput naming every field that will not do
     */
    public Packet packet() {
        return packets().get(0);
    }

    /**
     * Builds the packets: of an assortment one a size.
     *
     * @throws belonax.BadInput naming every field that will not do
     */
    List<Packet> packets() {
        NeedleType kind = type == null ? NeedleType.UNIVERSAL : type.type();
        boolean multiple = kind != null && kind.isMultiple();
        return Objects.requireNonNull(nm).stream()
                .map(size -> new Packet(
                        Objects.requireNonNullElse(system, NeedleSystem.H_130_705),
                        kind,
                        size,
                        multiple ? Objects.requireNonNullElse(spacing, 0.0) : null,
                        multiple ? Objects.requireNonNullElse(point, NeedleType.UNIVERSAL) : null,
                        Objects.requireNonNull(count),
                        Boolean.TRUE.equals(coated),
                        Objects.requireNonNullElse(note, "").strip(),
                        kind == null ? Objects.requireNonNullElse(letters, "").strip() : null,
                        Boolean.TRUE.equals(rough)))
                .toList();
    }

    /** Returns the entries as a table has them: the system by the trade's name. */
    public static Map<String, String> row(Packet it) {
        Map<String, String> row = new LinkedHashMap<>();
        row.put("system", it.system().label());
        row.put("type", new Kind(it.type()).toString());
        row.put("letters", Objects.requireNonNullElse(it.letters(), ""));
        row.put("nm", String.valueOf(it.nm()));
        row.put("spacing", it.spacingMm() == null ? "" : String.valueOf(it.spacingMm()));
        row.put("point", it.point() == null ? "" : it.point().name());
        row.put("count", String.valueOf(it.count()));
        row.put("coated", String.valueOf(it.coated()));
        row.put("rough", String.valueOf(it.rough()));
        row.put("note", it.note());
        return row;
    }
}
