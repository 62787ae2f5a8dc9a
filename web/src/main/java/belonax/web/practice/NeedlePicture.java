package belonax.web.practice;

import belonax.needle.Needle;
import belonax.needle.NeedleOutline;
import belonax.needle.NeedleOutline.Slot;
import belonax.practice.NeedleDrawing;
import belonax.web.shared.drawing.OutlinePath;
import java.util.List;

/**
 * A needle under a glass: from the front and from the side, and its tip ten times as large. In millimetres.
 *
 * @param tip the outline of the front near its end, and the box that is looked at
 */
public record NeedlePicture(List<String> fronts, String eyes, String side, String tip, String tipBox, String words) {
    private static final double FRONT_MM = 2.6;
    private static final double SIDE_MM = 7;
    private static final double TIP_REACH_MM = 1.15;

    static NeedlePicture of(NeedleDrawing drawing) {
        Needle needle = drawing.needle();
        double first = FRONT_MM - needle.spacingMm() / 2;
        List<Double> middles =
                needle.standMm().stream().map(value -> first + value).toList();
        Slot eye = NeedleOutline.of(needle).eye();
        double tip = drawing.tipMm();
        double aside = drawing.asideMm(tip);
        return new NeedlePicture(
                middles.stream()
                        .map(middle -> OutlinePath.through(drawing.front(), middle))
                        .toList(),
                OutlinePath.slots(middles.stream()
                        .map(middle -> new Slot(
                                eye.xMm() + middle + drawing.asideMm(eye.yMm() + eye.heightMm() / 2),
                                eye.yMm(),
                                eye.widthMm(),
                                eye.heightMm()))
                        .toList()),
                OutlinePath.through(drawing.side(), SIDE_MM),
                OutlinePath.through(drawing.front(), 0),
                Pen.rounded(aside - TIP_REACH_MM / 2) + " " + Pen.rounded(tip - TIP_REACH_MM) + " " + TIP_REACH_MM + " "
                        + Pen.rounded(TIP_REACH_MM + 0.1),
                drawing.inWords());
    }
}
