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
                    .map(system -> new Choice(system.name(), system.label()))
                    .toList(),
            Stream.concat(
                            Choice.of(NeedleType.values(), NeedleType::words).stream(),
                            Stream.of(new Choice(UNKNOWN, "unknown: letters we cannot read")))
                    .toList(),
            Choice.of(
                    Stream.of(NeedleType.values())
                            .filter(type -> !type.isMultiple())
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
        Packet packet = kept.card();
        return new PacketForm(
                kept.revision(),
                packet.system(),
                new Kind(packet.type()),
                packet.letters(),
                List.of(packet.nm()),
                packet.spacingMm(),
                packet.point(),
                packet.count(),
                packet.coated(),
                packet.rough(),
                packet.note());
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
                reading.sizes().stream().map(printedSize -> printedSize.nm()).toList(),
                reading.twin().map(twin -> twin.spacingMm()).orElse(null),
                reading.twin().map(twin -> twin.point()).orElse(null),
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
    public static Map<String, String> row(Packet packet) {
        Map<String, String> row = new LinkedHashMap<>();
        row.put("system", packet.system().label());
        row.put("type", new Kind(packet.type()).toString());
        row.put("letters", Objects.requireNonNullElse(packet.letters(), ""));
        row.put("nm", String.valueOf(packet.nm()));
        row.put("spacing", packet.spacingMm() == null ? "" : String.valueOf(packet.spacingMm()));
        row.put("point", packet.point() == null ? "" : packet.point().name());
        row.put("count", String.valueOf(packet.count()));
        row.put("coated", String.valueOf(packet.coated()));
        row.put("rough", String.valueOf(packet.rough()));
        row.put("note", packet.note());
        return row;
    }
}
