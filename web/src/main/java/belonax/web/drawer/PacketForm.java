package belonax.web.drawer;

import belonax.needle.NeedleLabel;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.web.shared.drawer.Kept;
import belonax.web.shared.drawer.Packet;
import belonax.web.shared.form.Entries;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Between what is typed about a packet and the packet. */
final class PacketForm {
    private PacketForm() {}

    /**
     * Builds the packet.
     *
     * @throws belonax.BadInput naming every field that will not do
     */
    static Packet packet(Entries entries) {
        NeedleSystem system = system(entries);
        NeedleType type = entries.word("type", NeedleType.class, NeedleType.UNIVERSAL);
        int nm = entries.whole("nm", "Type the larger of the two numbers, such as 80.");
        Double spacing = type.isMultiple()
                ? Optional.ofNullable(entries.optional("spacing", "Type the distance in mm, such as 4."))
                        .orElse(0.0)
                : null;
        NeedleType point = type.isMultiple() ? entries.word("point", NeedleType.class, NeedleType.UNIVERSAL) : null;
        int count = entries.whole("count", "Count the needles in the packet.");
        return entries.done(() ->
                new Packet(system, type, nm, spacing, point, count, entries.ticked("coated"), entries.text("note")));
    }

    static Map<String, String> withReading(Map<String, String> typed, NeedleLabel.Reading reading) {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("system", reading.system().orElse(NeedleSystem.H_130_705).name());
        reading.type().ifPresent(it -> all.put("type", it.name()));
        reading.size().ifPresent(it -> all.put("nm", String.valueOf(it.nm())));
        reading.twin().ifPresent(it -> {
            all.put("spacing", String.valueOf(it.spacingMm()));
            all.put("point", it.point().name());
        });
        all.put("count", String.valueOf(reading.count().orElse(5)));
        all.put("coated", String.valueOf(reading.coated()));
        all.putAll(typed);
        return all;
    }

    static Map<String, String> typed(Kept<Packet> kept) {
        Packet packet = kept.card();
        Map<String, String> all = new LinkedHashMap<>();
        all.put("revision", String.valueOf(kept.revision()));
        all.put("system", packet.system().name());
        all.put("type", packet.type().name());
        all.put("nm", String.valueOf(packet.nm()));
        all.put(
                "spacing",
                Optional.ofNullable(packet.spacingMm()).map(String::valueOf).orElse(""));
        all.put("point", Optional.ofNullable(packet.point()).map(Enum::name).orElse(""));
        all.put("count", String.valueOf(packet.count()));
        all.put("coated", String.valueOf(packet.coated()));
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
