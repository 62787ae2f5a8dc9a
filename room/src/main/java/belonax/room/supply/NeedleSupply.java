package belonax.room.supply;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.room.Choice;
import belonax.room.ReadCache;
import belonax.room.Words;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleBook.Disposal;
import belonax.room.needle.NeedleRecord;
import belonax.room.needle.NewNeedle;
import belonax.room.needle.SewingRoom;
import belonax.room.usecase.UseCase;
import belonax.room.workbench.Workbench;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes a needle from what the sewist owns: a parked one, one out of a packet whose stock counts down, or any other. */
@Service
public class NeedleSupply {
    private static final int MAX_PARKED = 40;
    /** A parked needle is offered while it has an hour left before the eight at which most retire one. */
    private static final double HOURS_LEFT_BELOW = 7;

    private final SewingRoom room;
    private final NeedleBook book;
    private final DrawerStore drawer;
    private final Workbench table;
    private final ReadCache cache;
    private final Supplier<UUID> ids;

    NeedleSupply(
            SewingRoom room,
            NeedleBook book,
            DrawerStore drawer,
            Workbench table,
            ReadCache cache,
            Supplier<UUID> ids) {
        this.room = room;
        this.book = book;
        this.drawer = drawer;
        this.table = table;
        this.cache = cache;
        this.ids = ids;
    }

    /**
     * A needle change.
     *
     * @param expectedOut the needle that the sewist saw in the place; empty when it was empty
     * @param from the needle that goes in
     * @param oldGoes where the old one goes
     * @param where the place where it is parked
     * @param failed whether the old one goes because it failed
     * @param table the work that it is changed for, where that is told
     */
    public record Change(
            String machineId,
            int place,
            Optional<UUID> expectedOut,
            NeedleSource from,
            Disposal oldGoes,
            String where,
            boolean failed,
            Optional<TableWork> table) {}

    /**
     * What can go in.
     *
     * @param sourceOf where a needle comes from that is at hand: a parked one with hours left first, else its packet
     * @param packetOf the packet that a new one comes out of
     * @param lastPlace where a needle was parked last, in the owner's words; empty when none ever was
     */
    public record Choices(
            @Nullable String old,
            @Nullable String oldId,
            List<Choice> parked,
            List<Choice> packets,
            Map<Needle, String> sourceOf,
            Map<Needle, String> packetOf,
            String lastPlace) {}

    /** Returns what can go into a machine: only needles of systems that it lists. */
    @Transactional(readOnly = true)
    public Choices choices(MachineNow machine, int place) {
        Optional<MachineNow.Fitted> old = machine.fittedIn(place);
        List<NeedleRecord> about = book.lyingAbout(MAX_PARKED);
        List<Kept<Packet>> packets = drawer.all(Packet.class);
        return new Choices(
                old.map(fitted -> Words.capital(fitted.needle().needle().words()))
                        .orElse(null),
                old.map(fitted -> fitted.needleId().toString()).orElse(null),
                about.stream()
                        .filter(needleRecord -> machine.machine()
                                .systems()
                                .contains(needleRecord.needle().system()))
                        .map(needleRecord -> new Choice(
                                new NeedleSource.Parked(needleRecord.id()).word(),
                                String.format(
                                        Locale.ROOT,
                                        "%s, %.1f h, %s",
                                        needleRecord.needle().words(),
                                        needleRecord.effectiveHours(),
                                        needleRecord.keptAt().isBlank() ? "lying about" : needleRecord.keptAt())))
                        .toList(),
                packets.stream()
                        .filter(kept -> kept.card().isKnown()
                                && kept.card().count() > 0
                                && machine.machine()
                                        .systems()
                                        .contains(kept.card().system()))
                        .map(kept -> new Choice(
                                new NeedleSource.Opened(kept.id()).word(),
                                kept.card().words() + ", " + kept.card().count() + " left"
                                        + (kept.card().rough() ? ", rough eyes" : "")))
                        .toList(),
                sources(about, packets),
                sources(List.of(), packets),
                about.stream()
                        .map(NeedleRecord::keptAt)
                        .filter(text -> !text.isBlank())
                        .findFirst()
                        .orElse(""));
    }

    private static Map<Needle, String> sources(List<NeedleRecord> about, List<Kept<Packet>> packets) {
        Map<Needle, String> sources = new HashMap<>();
        packets.stream()
                .filter(kept -> kept.card().isOffered())
                .forEach(kept -> sources.putIfAbsent(kept.card().needle(), new NeedleSource.Opened(kept.id()).word()));
        about.stream()
                .filter(needleRecord -> !needleRecord.struck() && needleRecord.effectiveHours() < HOURS_LEFT_BELOW)
                .forEach(needleRecord ->
                        sources.put(needleRecord.needle(), new NeedleSource.Parked(needleRecord.id()).word()));
        return sources;
    }

    /**
     * Returns the needles at hand, the handiest first: parked ones with hours left, then those of the drawer's packets.
     */
    public List<AtHand> atHand() {
        return cache.of("needles at hand", this::readAtHand);
    }

    private List<AtHand> readAtHand() {
        Map<Needle, AtHand> all = new LinkedHashMap<>();
        for (NeedleRecord needleRecord : book.lyingAbout(MAX_PARKED)) {
            if (!needleRecord.struck() && needleRecord.effectiveHours() < HOURS_LEFT_BELOW) {
                all.putIfAbsent(needleRecord.needle(), new AtHand(needleRecord.needle(), 0, Optional.of(needleRecord)));
            }
        }
        for (Kept<Packet> kept : drawer.all(Packet.class)) {
            if (kept.card().isOffered()) {
                all.merge(
                        kept.card().needle(),
                        new AtHand(kept.card().needle(), kept.card().count(), Optional.empty()),
                        (one, other) -> new AtHand(one.needle(), one.inPackets() + other.inPackets(), one.parked()));
            }
        }
        return List.copyOf(all.values());
    }

    /**
     * A needle at hand.
     *
     * @param inPackets how many are left in packets
     * @param parked one that is parked and has hours left
     */
    public record AtHand(Needle needle, int inPackets, Optional<NeedleRecord> parked) {}

    /**
     * Records a change in one go: the old one out and put away, the new one in, the packet one fewer.
     *
     * @return the action by which the needles are put back as they were
     * @throws BadInput if something will not do
     */
    @UseCase
    public UUID change(Change otherChange) {
        return change(ids.get(), otherChange);
    }

    /** Does the same as part of an action. */
    @Transactional
    public UUID change(UUID action, Change change) {
        room.hold(change.machineId());
        change.table().ifPresent(work -> table.lay(action, change.machineId(), work));
        change.expectedOut()
                .ifPresent(out -> book.takeOut(
                        action,
                        change.machineId(),
                        change.place(),
                        out,
                        change.oldGoes(),
                        change.where(),
                        change.failed()));
        if (change.from() instanceof NeedleSource.Parked parked) {
            return book.putBackIn(action, change.machineId(), change.place(), parked.needle());
        }
        return room.fit(
                action, change.machineId(), change.place(), taken(change.from()), Optional.empty(), Optional.empty());
    }

    /**
     * Fits a new needle, out of a packet where the drawer holds one, so that its count falls and its coating goes along.
     *
     * @param work the work that it is fitted for, where that is told
     * @return the action, by which it can be taken back
     */
    @UseCase
    public UUID fit(String machineId, int place, Needle needle, Optional<TableWork> work, Optional<UUID> expectedOut) {
        room.hold(machineId);
        UUID action = ids.get();
        work.ifPresent(tableWork -> table.lay(action, machineId, tableWork));
        NewNeedle from = drawer.all(Packet.class).stream()
                .filter(kept -> kept.card().isOffered() && kept.card().needle().equals(needle))
                .flatMap(kept -> takeOneLeft(kept.id()).stream())
                .findFirst()
                .orElseGet(() -> new NewNeedle(needle, false, Optional.empty()));
        return room.fit(action, machineId, place, from, Optional.empty(), expectedOut);
    }

    /**
     * Puts a parked needle back in.
     *
     * @param work the work that it is fitted for, where that is told
     * @return the action, by which it can be taken back
     */
    @UseCase
    public UUID putBackIn(
            String machineId, int place, UUID parked, Optional<TableWork> work, Optional<UUID> expectedOut) {
        room.expect(machineId, place, expectedOut);
        UUID action = ids.get();
        work.ifPresent(tableWork -> table.lay(action, machineId, tableWork));
        return book.putBackIn(action, machineId, place, parked);
    }

    private NewNeedle taken(NeedleSource from) {
        if (from instanceof NeedleSource.Other other) {
            return new NewNeedle(other.needle(), other.coated(), Optional.empty());
        }
        if (from instanceof NeedleSource.Opened opened) {
            return takeOneLeft(opened.packet())
                    .orElseThrow(() -> new BadInput("from", "That packet is empty or gone. Choose another."));
        }
        throw new IllegalArgumentException(from + " is no new needle");
    }

    /** Takes one out of a packet, if one is left when nobody else takes from it any more. */
    private Optional<NewNeedle> takeOneLeft(UUID packetId) {
        return drawer.hold(Packet.class, packetId)
                .map(Kept::card)
                .filter(otherPacket -> otherPacket.isKnown() && otherPacket.count() > 0)
                .map(otherPacket -> {
                    drawer.change(Packet.class, packetId, packet -> packet.withCount(packet.count() - 1));
                    return new NewNeedle(otherPacket.needle(), otherPacket.coated(), Optional.of(packetId));
                });
    }
}
