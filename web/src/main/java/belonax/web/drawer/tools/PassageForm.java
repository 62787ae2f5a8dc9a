package belonax.web.drawer.tools;

import belonax.BadInput;
import belonax.machine.Foot;
import belonax.machine.Machine;
import belonax.machine.Plate;
import belonax.machine.StitchPlate;
import belonax.match.Clearance.Passage;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.Twin;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Parsed;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Plate, foot and needle as they are typed, in the sewist's own measures; what is left out is as on the machine. */
public record PassageForm(
        @Ask("Lay a ruler across the slot of the plate.") @Nullable
        Double slot,

        @Ask("Lay a ruler across the foot's opening.") @Nullable
        Double footSlot,

        @Ask("Choose a size.") @Nullable Integer nm,
        @Ask("Choose one, two or three needles.") @Nullable Integer kind,
        @Ask("Read it off the packet, such as 4.") @Nullable Double spacing,
        @Ask("Measure across the flare.") @Nullable Double wing,

        @Ask("Read the needle's place off the machine.") @Nullable
        Double offset,

        @Ask("Read the stitch width off the machine.") @Nullable
        Double width) {

    /** A round hole lets one needle through and leaves nothing on either side. */
    private static final double ROUND_HOLE_MM = 2;

    private static final double USUAL_WING_MM = 3;

    /** What is on the machine stands in every entry that the address leaves out. */
    PassageForm on(MachineNow now, Predicate<String> isLeftOut, Units units) {
        Machine machine = now.machine();
        Optional<Needle> needle = now.fitted().map(fitted -> fitted.needle().needle());
        boolean isWing =
                needle.filter(otherNeedle -> otherNeedle.type().isWinged()).isPresent();
        return new PassageForm(
                isLeftOut.test("slot") ? Parsed.shown(units.mmNumber(slotMm(machine.plate()))) : slot,
                isLeftOut.test("footSlot") ? Parsed.shown(units.mmNumber(slotMm(machine.foot()))) : footSlot,
                isLeftOut.test("nm")
                        ? needle.map(otherNeedle -> otherNeedle.size().nm()).orElse(null)
                        : nm,
                isLeftOut.test("kind") ? needle.map(Needle::count).orElse(null) : kind,
                isLeftOut.test("spacing")
                        ? needle.flatMap(Needle::twin).map(Twin::spacingMm).orElse(null)
                        : spacing,
                isLeftOut.test("wing") && isWing ? (Double) USUAL_WING_MM : wing,
                offset,
                width);
    }

    /**
     * Returns the way of the needle through plate and foot.
     *
     * @throws belonax.BadInput naming every entry that will not do
     */
    Passage passage(Units units) {
        if (slot == null) {
            throw new BadInput("slot", "This is missing. Lay a ruler across the slot of the plate.");
        }
        int needles = Objects.requireNonNullElse(kind, 1);
        return new Passage(
                units.toMm(slot),
                optional(footSlot, units),
                needles == 1 || spacing == null ? 0 : spacing,
                nm == null ? NeedleSize.NM_80 : NeedleSize.ofNm(nm),
                needles,
                optional(wing, units),
                offset == null ? 0 : units.toMm(offset),
                optional(width, units));
    }

    private static double slotMm(StitchPlate plate) {
        return plate.kind() == Plate.STRAIGHT ? ROUND_HOLE_MM : plate.slotMm();
    }

    private static double slotMm(Foot foot) {
        return foot.hasRoundHole() ? ROUND_HOLE_MM : foot.slotMm();
    }

    private static OptionalDouble optional(@Nullable Double typed, Units units) {
        return typed == null ? OptionalDouble.empty() : OptionalDouble.of(units.toMm(typed));
    }
}
