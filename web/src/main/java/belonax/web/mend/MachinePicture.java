package belonax.web.mend;

import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.machine.FlatSide;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.needle.MachineNow;
import belonax.web.shared.drawing.ClampedNeedle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A machine as one sees it who sits at it, in millimetres: its kind, its bobbin, the plate that is on it, the needle that is
 * in it, and where its dial stands.
 *
 * @param needles the needles in their clamps, from left to right
 * @param slotMm width of the plate's opening
 * @param dialDegrees where the dial's mark points, clockwise from the top
 */
public record MachinePicture(
        boolean isOverlocker,
        boolean hasScreen,
        boolean isDropIn,
        boolean hasKnob,
        List<NeedleShown> needles,
        double slotMm,
        double dialDegrees) {

    /** Returns where the plate's opening begins. */
    public double slotXMm() {
        return NEEDLE_X - slotMm / 2;
    }

    /** Returns how far down the thread goes: through the eye of the first needle. */
    public double threadEndMm() {
        return CLAMP_Y + needles.get(0).drawing().eye().yMm() + 1;
    }

    /** A needle and where its middle is. */
    public record NeedleShown(double xMm, ClampedNeedle drawing) {}

    private static final Needle USUAL = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);
    private static final double NEEDLE_X = 75;
    private static final double CLAMP_Y = 194;
    private static final double BETWEEN_NEEDLES_MM = 2.5;
    private static final double ROUND_HOLE_MM = 1.6;
    private static final double WHOLE_TURN = 300;

    static MachinePicture of(MachineNow now) {
        Machine machine = now.machine();
        boolean overlocker = machine.kind().hasLoopers();
        return new MachinePicture(
                overlocker,
                machine.kind() == MachineKind.COMPUTER_CONTROLLED,
                machine.bobbin() == BobbinKind.SEALED,
                machine.dial().kind() == DialKind.KNOB,
                needles(now),
                machine.plate().kind() == Plate.STRAIGHT
                        ? ROUND_HOLE_MM
                        : machine.plate().slotMm(),
                degrees(machine.dial(), now.dial().orElse(machine.dial().normalLow())));
    }

    private static List<NeedleShown> needles(MachineNow now) {
        List<NeedleShown> shown = new ArrayList<>();
        for (MachineNow.Place place : now.places()) {
            Needle needle = place.fitted()
                    .map(fitted -> fitted.needle().needle())
                    .filter(in -> !in.type().isMultiple())
                    .orElse(USUAL);
            shown.add(new NeedleShown(NEEDLE_X + BETWEEN_NEEDLES_MM * place.number(), ClampedNeedle.of(needle, 0)));
        }
        return shown;
    }

    private static double degrees(Dial dial, double at) {
        return WHOLE_TURN * ((at - dial.min()) / (dial.max() - dial.min()) - 0.5);
    }

    /** Returns where the flat of a needle faces, as one sits. */
    static String flatWords(FlatSide side) {
        return "flat to the " + side.name().toLowerCase(Locale.ROOT);
    }
}
