package belonax.web.shared.drawing;

import belonax.needle.Needle;
import belonax.needle.NeedleOutline;
import belonax.needle.NeedleOutline.Slot;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A needle drawn to scale from the front and from the side, in millimetres.
 *
 * @param viewBox the part that is shown: the lower blade with eye, scarf and point
 */
public record NeedlePortrait(
        String viewBox,
        int widthPx,
        int heightPx,
        List<String> fronts,
        String eyes,
        String grooves,
        String side,
        double scaleBarFromMm,
        double scaleBarYMm) {

    /** Pixels a millimetre takes, so that every needle on a page is drawn to one scale. */
    private static final int PX_PER_MM = 20;

    private static final double TOP_MM = 30.4;
    private static final double HEIGHT_MM = 14.8;
    private static final double SINGLE_WIDTH_MM = 5.6;
    private static final double FRONT_MM = 1.9;
    private static final double SIDE_FROM_RIGHT_MM = 1.2;

    /** A needle looks always alike, and drawing it costs more than the answer it stands beside. */
    private static final Map<Needle, NeedlePortrait> DRAWN = new ConcurrentHashMap<>();

    private static final int MAX_DRAWN = 200;

    private static final double POINT_HEIGHT_MM = 8.2;
    private static final int SMALL_PX_PER_MM = 7;

    /** Returns the part that tells types apart where a needle is drawn small: eye, scarf and point. */
    public String pointBox() {
        return String.format(
                Locale.ROOT,
                "0 %.1f %.1f %.1f",
                TOP_MM + HEIGHT_MM - POINT_HEIGHT_MM,
                (double) widthPx / PX_PER_MM,
                POINT_HEIGHT_MM);
    }

    /** Returns the width of the small drawing in pixels. */
    public int smallWidthPx() {
        return widthPx * SMALL_PX_PER_MM / PX_PER_MM;
    }

    /** Returns the height of the small drawing in pixels. */
    public int smallHeightPx() {
        return (int) Math.round(POINT_HEIGHT_MM * SMALL_PX_PER_MM);
    }

    /** Returns a needle drawn. */
    public static NeedlePortrait of(Needle needle) {
        NeedlePortrait known = DRAWN.get(needle);
        if (known != null) {
            return known;
        }
        NeedlePortrait drawn = draw(needle);
        if (DRAWN.size() < MAX_DRAWN) {
            DRAWN.put(needle, drawn);
        }
        return drawn;
    }

    private static NeedlePortrait draw(Needle needle) {
        NeedleOutline outline = NeedleOutline.of(needle);
        double widthMm = SINGLE_WIDTH_MM + needle.spacingMm();
        List<Double> middles =
                needle.standMm().stream().map(value -> FRONT_MM + value).toList();
        return new NeedlePortrait(
                String.format(Locale.ROOT, "0 %.1f %.1f %.1f", TOP_MM, widthMm, HEIGHT_MM),
                (int) Math.round(widthMm * PX_PER_MM),
                (int) Math.round(HEIGHT_MM * PX_PER_MM),
                middles.stream()
                        .map(middle -> OutlinePath.through(outline.front(), middle))
                        .toList(),
                OutlinePath.slots(middles.stream()
                        .map(middle -> moved(outline.eye(), middle))
                        .toList()),
                OutlinePath.grooves(middles.stream()
                        .map(middle -> moved(outline.groove(), middle))
                        .toList()),
                OutlinePath.through(outline.side(), widthMm - SIDE_FROM_RIGHT_MM),
                widthMm - 2,
                TOP_MM + HEIGHT_MM - 0.2);
    }

    private static Slot moved(Slot slot, double byMm) {
        return new Slot(slot.xMm() + byMm, slot.yMm(), slot.widthMm(), slot.heightMm());
    }
}
