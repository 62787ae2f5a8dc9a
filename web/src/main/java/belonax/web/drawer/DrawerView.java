package belonax.web.drawer;

import belonax.cloth.Cloth;
import belonax.machine.Machine;
import belonax.needle.NeedleSystem;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.drawer.DrawerContents;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.drawer.WoundBobbin;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.thread.Colour;
import belonax.web.shared.drawing.NeedlePortrait;
import belonax.web.shared.drawing.ThreadColour;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What lies in the drawer, as the page shows it. */
public record DrawerView(
        List<MachineShown> machines,
        List<SwatchShown> swatches,
        List<SpoolShown> spools,
        List<PacketShown> packets,
        List<BobbinShown> looseBobbins,
        List<PhotoShown> photos) {

    /** A photograph of the shelf. */
    public record PhotoShown(UUID id, int revision, String words) {}

    /** A machine on the shelf. */
    public record MachineShown(String id, String name, String standsAt, String facts, String needles, String flat) {}

    /** A swatch, drawn by its structure. */
    public record SwatchShown(
            UUID id,
            String name,
            String facts,
            String structure,
            @Nullable String colour,
            String left,
            boolean picture) {}

    /** A spool, with the bobbins that were wound from it. */
    public record SpoolShown(
            UUID id,
            String name,
            String facts,
            String colour,
            String left,
            boolean failed,
            String warning,
            List<BobbinShown> bobbins) {}

    /** A wound bobbin. */
    public record BobbinShown(UUID id, String words, String facts) {}

    /** A packet, drawn by its point. */
    public record PacketShown(
            UUID id,
            String name,
            String code,
            String count,
            boolean isOut,
            @Nullable NeedlePortrait drawing) {}

    static DrawerView of(DrawerContents.Found found, List<MachineNow> machines, int year, Units units) {
        Map<UUID, List<BobbinShown>> bySpool = found.bobbins().stream()
                .filter(kept -> kept.card().spool() != null)
                .collect(Collectors.groupingBy(
                        kept -> Optional.ofNullable(kept.card().spool()).orElseThrow(),
                        Collectors.mapping(kept -> shown(kept, units), Collectors.toList())));
        return new DrawerView(
                machines.stream().map(DrawerView::shown).toList(),
                found.swatches().stream()
                        .map(kept -> shown(kept, units, kept.id()))
                        .toList(),
                found.spools().stream()
                        .map(kept -> shown(kept, year, bySpool.getOrDefault(kept.id(), List.of()), units))
                        .toList(),
                found.packets().stream().map(DrawerView::shownPacket).toList(),
                found.bobbins().stream()
                        .filter(kept -> kept.card().spool() == null)
                        .map(kept -> shown(kept, units))
                        .toList(),
                found.photos().stream()
                        .map(kept -> new PhotoShown(
                                kept.id(),
                                kept.revision(),
                                Words.capital(kept.card().words()) + ", "
                                        + Words.date(kept.card().takenOn())))
                        .toList());
    }

    private static MachineShown shown(MachineNow machineNow) {
        Machine machine = machineNow.machine();
        String needles = machineNow.places().stream()
                .map(place -> place.fitted()
                        .map(fitted -> fitted.needle().needle().words())
                        .orElse("no needle"))
                .collect(Collectors.joining(" · "));
        String facts = machine.kind().words() + " · "
                + machine.systems().stream().map(NeedleSystem::label).collect(Collectors.joining(", "));
        return new MachineShown(
                machineNow.id(),
                machine.name(),
                machineNow.standsAt(),
                facts,
                needles,
                "flat faces " + machine.flatSide().words());
    }

    private static SwatchShown shown(Kept<Swatch> kept, Units units, UUID id) {
        Swatch swatch = kept.card();
        Cloth cloth = swatch.cloth(id.toString());
        String gives = cloth.stretchPercent() >= 8 ? " · gives " + Math.round(cloth.stretchPercent()) + " %" : "";
        String left = swatch.metres() == null ? "" : units.metres(swatch.metres()) + " left";
        return new SwatchShown(
                id,
                swatch.name(),
                cloth.structure().words() + " · " + units.weight(swatch.weightGsm()) + gives,
                cloth.structure().name().toLowerCase(Locale.ROOT),
                Colour.in(swatch.name()).map(Colour::hex).orElse(null),
                left,
                swatch.picture());
    }

    private static SpoolShown shown(Kept<Spool> kept, int year, List<BobbinShown> bobbins, Units units) {
        Spool spool = kept.card();
        String left = spool.metresLeft() == null ? "" : units.metres(spool.metresLeft()) + " left";
        String warning = spool.isSound()
                ? spool.thread(year).wantsSnapTest() && spool.snappedOn() == null ? "wants a snap test" : ""
                : "failed its snap test";
        return new SpoolShown(
                kept.id(),
                Words.capital(spool.colour()),
                spool.thread(year).words(),
                ThreadColour.of(spool.colour()),
                left,
                !spool.isSound(),
                warning,
                bobbins);
    }

    private static BobbinShown shown(Kept<WoundBobbin> kept, Units units) {
        WoundBobbin bobbin = kept.card();
        String left = bobbin.metresLeft() == null ? "" : units.metres(bobbin.metresLeft());
        String facts = List.of(units.say(bobbin.bobbinClass()), left).stream()
                .filter(part -> !part.isBlank())
                .collect(Collectors.joining(" · "));
        return new BobbinShown(kept.id(), bobbin.words(), facts);
    }

    private static PacketShown shownPacket(Kept<Packet> kept) {
        Packet packet = kept.card();
        Function<Integer, String> left = count -> count == 0 ? "none left" : count == 1 ? "1 left" : count + " left";
        return new PacketShown(
                kept.id(),
                Words.capital(packet.words()),
                packet.code() + (packet.coated() ? " · hard-coated" : "") + (packet.rough() ? " · rough eyes" : ""),
                left.apply(packet.count()),
                packet.count() == 0,
                packet.isKnown() ? NeedlePortrait.of(packet.needle()) : null);
    }
}
