package belonax.web.drawer;

import belonax.needle.NeedleLabel;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.Parsed;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Between what is typed about a packet and the packet. */
final class PacketForm {
    private PacketForm() {}

    /** Stands in the list of kinds for a kind whose letters cannot be read. */
    static final String UNKNOWN = "UNKNOWN";

    /**
     * Builds the packet.
     *
     * @throws belonax.BadInput naming every field that will not do
     */
    static Packet packet(Entries entries) {
        return packets(entries).get(0);
    }

    /**
     * Builds the packets: of an assortment one a size.
     *
     * @throws belonax.BadInput naming every field that will not do
     */
    static List<Packet> packets(Entries entries) {
        NeedleSystem system = system(entries);
        boolean unknown = entries.text("type").equals(UNKNOWN);
        NeedleType type = unknown ? null : entries.word("type", NeedleType.class, NeedleType.UNIVERSAL);
        boolean multiple = type != null && type.isMultiple();
        List<Integer> sizes = sizes(entries);
        Double spacing = multiple
                ? Optional.ofNullable(entries.optional("spacing", "Type the distance in mm, such as 4."))
                        .orElse(0.0)
                : null;
        NeedleType point = multiple ? entries.word("point", NeedleType.class, NeedleType.UNIVERSAL) : null;
        int count = entries.whole("count", "Count the needles in the packet.");
        return entries.done(() -> sizes.stream()
                .map(nm -> new Packet(
                        system,
                        type,
                        nm,
                        spacing,
                        point,
                        count,
                        entries.ticked("coated"),
                        entries.text("note"),
                        unknown ? entries.text("letters") : null,
                        entries.ticked("rough")))
                .toList());
    }

    /** One size, or those of an assortment parted by commas. */
    private static List<Integer> sizes(Entries entries) {
        String advice = "Type the larger of the two numbers, such as 80.";
        String typed = entries.text("nm");
        return typed.contains(",")
                ? Stream.of(typed.split(","))
                        .filter(it -> !it.isBlank())
                        .map(it -> Parsed.whole("nm", Parsed.number("nm", it, advice), advice))
                        .toList()
                : List.of(entries.whole("nm", advice));
    }

    static Map<String, String> withReading(Map<String, String> typed, NeedleLabel.Reading reading) {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("system", reading.system().orElse(NeedleSystem.H_130_705).name());
        reading.type().ifPresent(it -> all.put("type", it.name()));
        if (reading.isTypeUnknown()) {
            all.put("type", UNKNOWN);
            all.put("letters", String.join(" ", reading.unread()));
        }
        all.put(
                "nm",
                reading.sizes().stream().map(it -> String.valueOf(it.nm())).collect(Collectors.joining(", ")));
        reading.twin().ifPresent(it -> {
            all.put("spacing", String.valueOf(it.spacingMm()));
            all.put("point", it.point().name());
        });
        int sizes = Math.max(1, reading.sizes().size());
        all.put("count", String.valueOf(Math.max(1, reading.count().orElse(5) / sizes)));
        all.put("coated", String.valueOf(reading.coated()));
        all.putAll(typed);
        return all;
    }

    static Map<String, String> typed(Kept<Packet> kept) {
        Packet packet = kept.card();
        Map<String, String> all = new LinkedHashMap<>();
        all.put("revision", String.valueOf(kept.revision()));
        all.put("system", packet.system().name());
        all.put("type", Optional.ofNullable(packet.type()).map(Enum::name).orElse(UNKNOWN));
        all.put("letters", Optional.ofNullable(packet.letters()).orElse(""));
        all.put("nm", String.valueOf(packet.nm()));
        all.put(
                "spacing",
                Optional.ofNullable(packet.spacingMm()).map(String::valueOf).orElse(""));
        all.put("point", Optional.ofNullable(packet.point()).map(Enum::name).orElse(""));
        all.put("count", String.valueOf(packet.count()));
        all.put("coated", String.valueOf(packet.coated()));
        all.put("rough", String.valueOf(packet.rough()));
        all.put("note", packet.note());
        return all;
    }

    /** A system is told by the form's word or, in a file, by the trade's name. */
    private static NeedleSystem system(Entries entries) {
        String told = entries.text("system");
        return Stream.of(NeedleSystem.values())
                .filter(it -> it.label().equals(told))
                .findFirst()
                .orElseGet(() -> entries.word("system", NeedleSystem.class, NeedleSystem.H_130_705));
    }

    /** Returns the entries as a file has them: the system by the trade's name. */
    static Map<String, String> forFile(Kept<Packet> kept) {
        Map<String, String> all = new LinkedHashMap<>(typed(kept));
        all.put("system", kept.card().system().label());
        return all;
    }
}
