package belonax.web.files;

import belonax.needle.Needle;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import belonax.web.shared.drawing.NeedlePortrait;
import belonax.web.shared.drawing.QrMark;

/**
 * A label for a packet: what is in it, drawn, with a mark that opens it in Belonax.
 *
 * @param size both numbers, never broken over two lines
 */
public record PacketLabel(
        String kind,
        String size,
        String code,
        String note,
        NeedlePortrait drawing,
        int widthPx,
        int heightPx,
        QrMark mark) {
    private static final double PRINTED_SHARE = 0.3;

    static PacketLabel of(Kept<Packet> kept, String address) {
        Needle needle = kept.card().needle();
        String name = Words.capital(needle.words());
        NeedlePortrait drawing = NeedlePortrait.of(needle);
        return new PacketLabel(
                name.substring(0, name.lastIndexOf(' ')),
                name.substring(name.lastIndexOf(' ') + 1),
                needle.code() + (kept.card().coated() ? ", hard-coated" : ""),
                kept.card().note(),
                drawing,
                (int) Math.round(drawing.widthPx() * PRINTED_SHARE),
                (int) Math.round(drawing.heightPx() * PRINTED_SHARE),
                QrMark.of(address + "/drawer/packet/" + kept.id()));
    }
}
