package belonax.web.drawer.list;

import belonax.BadInput;
import belonax.needle.NeedleSystem;
import belonax.needle.PacketLine;
import belonax.needle.Twin;
import belonax.room.Words;
import belonax.room.card.Card;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.settings.Units;
import belonax.thread.Delivery;
import belonax.thread.Quality;
import belonax.thread.SnapResult;
import belonax.thread.SpoolLine;
import belonax.web.shared.drawing.NeedlePortrait;
import belonax.web.shared.drawing.ThreadColour;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One line of the list with what was read in it.
 *
 * @param cards what it becomes in the drawer; none where it could not be read
 * @param headline what it is, or what is asked for
 * @param told what was taken because the line does not say it
 * @param colour the spool's colour to draw with; null for needles
 * @param needle the needle drawn; null for a spool, and for a kind that nobody knows
 */
record LineRead(
        String line,
        List<? extends Card> cards,
        String headline,
        List<String> told,
        boolean isTicked,
        @Nullable String colour,
        @Nullable NeedlePortrait needle) {

    static LineRead of(String line, ListForm form, NeedleSystem usual, Units units) {
        try {
            return form.what() == ListForm.What.PACKETS
                    ? packets(line, PacketLine.read(line, usual), form.takes(line))
                    : spools(SpoolLine.read(line), line, form.takes(line), units);
        } catch (BadInput refused) {
            return new LineRead(
                    line, List.of(), String.valueOf(refused.getMessage()), List.of(), form.takes(line), null, null);
        }
    }

    public boolean isRead() {
        return !cards.isEmpty();
    }

    private static LineRead packets(String line, PacketLine read, boolean ticked) {
        List<Packet> packets = read.sizes().stream()
                .map(size -> new Packet(
                        read.system(),
                        read.type().orElse(null),
                        size.nm(),
                        read.twin().map(Twin::spacingMm).orElse(null),
                        read.twin().map(Twin::point).orElse(null),
                        read.each(),
                        read.coated(),
                        "",
                        read.type().isPresent() ? null : read.letters(),
                        false))
                .toList();
        Packet first = packets.get(0);
        String left = read.each() + (packets.size() > 1 ? " left of each" : " left");
        String coated = read.coated() ? ", hard-coated" : "";
        return new LineRead(
                line,
                packets,
                Words.capital(packets.stream().map(Packet::words).collect(Collectors.joining(", "))) + coated + ": "
                        + left,
                read.taken(),
                ticked,
                null,
                first.isKnown() ? NeedlePortrait.of(first.needle()) : null);
    }

    private static LineRead spools(SpoolLine read, String line, boolean ticked, Units units) {
        Spool spool = new Spool(
                read.colour(),
                read.label(),
                read.tex().value(),
                read.fibre(),
                read.build(),
                read.metres().isPresent() ? read.metres().getAsDouble() : null,
                null,
                Quality.GOOD,
                false,
                Delivery.Winding.CROSS,
                null,
                null,
                SnapResult.NOT_TESTED,
                null,
                "");
        String several = read.spools() > 1 ? read.spools() + " × " : "";
        String metres = DoubleStream.of(read.metres().orElse(0))
                .filter(value -> value > 0)
                .mapToObj(value -> ", " + units.metres(value))
                .collect(Collectors.joining());
        return new LineRead(
                line,
                Collections.nCopies(read.spools(), spool),
                several + Words.capital(spool.words()) + metres,
                Stream.of(read.why())
                        .map(units::say)
                        .filter(text -> !read.sure())
                        .toList(),
                ticked,
                ThreadColour.of(spool.colour()),
                null);
    }
}
