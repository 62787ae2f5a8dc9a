package belonax.match;

import belonax.BadInput;
import belonax.machine.NeedleTravel;
import belonax.needle.NeedleSize;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Does the needle clear plate and foot, and how wide may the stitch be? Slot of 7 mm, twin 3.0/80: 7 - 3 - 0.8 - 1 leaves a
 * stitch of 2.2 mm. Source: docs/craft.md, "Clearance".
 *
 * @param slotMm the narrower slot, that of the plate or that of the foot
 * @param maxStitchWidthMm the widest safe stitch in millimetres, 0 when there is no room at all
 * @param clears whether the wished width clears; empty when no width was told
 * @param hasRoom whether at least a straight stitch clears
 * @param advice what to do, whole sentences
 */
public record Clearance(
        double slotMm, double maxStitchWidthMm, Optional<Boolean> clears, boolean hasRoom, String advice) {
    /** Two widths closer than this are one to any dial. */
    private static final double CLOSE_MM = 1e-9;

    private static final String BY_HAND =
            "Always turn the wheel by hand through one full pattern before the motor runs.";

    /**
     * What is to pass.
     *
     * @param plateSlotMm slot of the plate, 0.5 to 15 mm
     * @param footSlotMm slot of the foot, 0.5 to 15 mm; empty when it is wider than the plate's
     * @param spacingMm distance between the outer needles, 0 for one needle, at most 10 mm
     * @param needles 1, 2 or 3
     * @param wingMm width across the flare of a wing needle, up to 5 mm; empty for any other
     * @param offCentreMm needle position off the middle, -6 to 6 mm
     * @param stitchWidthMm the wished width, 0 to 12 mm; empty to ask for the widest only
     */
    public record Passage(
            double plateSlotMm,
            OptionalDouble footSlotMm,
            double spacingMm,
            NeedleSize size,
            int needles,
            OptionalDouble wingMm,
            double offCentreMm,
            OptionalDouble stitchWidthMm) {

        public Passage {
            checkSlot("slotMm", plateSlotMm);
            footSlotMm.ifPresent(value -> checkSlot("footSlotMm", value));
            BadInput.unless(
                    spacingMm >= 0 && spacingMm <= 10,
                    "spacingMm",
                    () -> "The needles of a twin stand 1.6 to 6 mm apart; 0 means one needle.");
            BadInput.unless(needles >= 1 && needles <= 3, "needles", () -> "There are 1, 2 or 3 needles on a shank.");
            BadInput.unless(
                    needles == 1 == (spacingMm == 0),
                    "spacingMm",
                    () -> needles == 1
                            ? "One needle has no spacing. Say 0, or tell how many needles there are."
                            : "Several needles stand some millimetres apart. Read the distance off the packet.");
            wingMm.ifPresent(value -> BadInput.unless(
                    value > 0 && value <= 5, "wingMm", () -> "A wing needle is 2.5 to 3 mm across its flare."));
            BadInput.unless(
                    Math.abs(offCentreMm) <= 6,
                    "needleOffsetMm",
                    () -> "A needle stands at most 6 mm off the middle; 0 is the middle.");
            stitchWidthMm.ifPresent(value -> BadInput.unless(
                    value >= 0 && value <= 12, "stitchWidthMm", () -> "A stitch is 0 to 12 mm wide; 0 is straight."));
        }

        /** Returns the width of what passes the plate at one needle: the blade, or the flare of a wing. */
        public double bodyMm() {
            return Math.max(size.bladeMm(), wingMm.orElse(0));
        }

        /** Returns the narrower slot. */
        public double slotMm() {
            return Math.min(plateSlotMm, footSlotMm.orElse(plateSlotMm));
        }

        private static void checkSlot(String field, double mm) {
            BadInput.unless(
                    mm >= 0.5 && mm <= 15,
                    field,
                    () -> "The slot of a plate or foot is 0.5 to 15 mm wide. Lay a ruler across it.");
        }
    }

    /** Works out what clears. */
    public static Clearance of(Passage passage) {
        double room = NeedleTravel.widestStitchMm(
                passage.slotMm(), passage.spacingMm(), passage.bodyMm(), passage.offCentreMm());
        boolean hasRoom = room >= -CLOSE_MM;
        double widest = Math.max(0, room);
        Optional<Boolean> clears = passage.stitchWidthMm().isPresent()
                ? Optional.of(hasRoom && passage.stitchWidthMm().getAsDouble() <= room + CLOSE_MM)
                : Optional.empty();
        return new Clearance(passage.slotMm(), widest, clears, hasRoom, advice(passage, room, hasRoom, clears));
    }

    private static String advice(Passage passage, double room, boolean hasRoom, Optional<Boolean> clears) {
        if (!hasRoom) {
            return String.format(
                    Locale.ROOT,
                    "Do not sew with it: it needs a slot of %.1f mm even for a straight stitch, and the narrower one is %.1f"
                            + " mm. The needle would strike.%s",
                    passage.slotMm() - room,
                    passage.slotMm(),
                    passage.offCentreMm() == 0 ? "" : " Bring the needle nearer the middle.");
        }
        String widest = room < 0.05
                ? "A straight stitch just clears, nothing wider. "
                : String.format(Locale.ROOT, "The widest safe stitch is %.1f mm. ", Math.floor(room * 10 + 1e-6) / 10);
        String wished = clears.map(does -> String.format(
                        Locale.ROOT,
                        does ? "%.1f mm clears. " : "%.1f mm does not clear: the needle would strike. ",
                        passage.stitchWidthMm().orElse(0)))
                .orElse("");
        return wished + widest + BY_HAND;
    }
}
