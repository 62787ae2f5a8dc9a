package belonax.web.drawer.packet;

import belonax.needle.Needle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleLabel.Part;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import belonax.room.Words;
import belonax.web.shared.drawing.WholeNeedle;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A packet's label as it was read: the answer, each part with its meaning and its place on the drawn needle.
 *
 * @param isWhole whether the label tells enough to put the packet in the drawer as it stands
 * @param marks where on the drawing each part is, in millimetres from the butt
 */
public record PacketReading(
        String headline,
        String label,
        boolean isWhole,
        WholeNeedle drawing,
        List<Mark> marks,
        List<NeedleLabel.Piece> pieces,
        List<String> corrections,
        List<String> notes,
        List<String> unread) {

    /** A part of the label on the drawing. */
    public record Mark(double xMm, String words, String printed) {}

    static PacketReading of(NeedleLabel.Reading reading) {
        Optional<Needle> needle = reading.needle();
        Needle drawn = needle.orElseGet(() -> asFarAsTold(reading));
        WholeNeedle drawing = WholeNeedle.of(drawn);
        return new PacketReading(
                reading.needles().size() > 1
                        ? "An assortment: "
                                + reading.needles().stream().map(Needle::words).collect(Collectors.joining(", "))
                        : needle.map(otherNeedle -> Words.capital(otherNeedle.words()))
                                .orElseGet(() -> toldSoFar(reading)),
                needle.map(Needle::label).orElse(""),
                needle.isPresent()
                        || reading.isTypeUnknown() && !reading.sizes().isEmpty(),
                drawing,
                marks(reading, drawing),
                reading.pieces(),
                reading.corrections(),
                Stream.concat(reading.notes().stream(), notMade(needle)).toList(),
                reading.unread());
    }

    /** What the label leaves out is drawn as on an ordinary needle. */
    private static Needle asFarAsTold(NeedleLabel.Reading reading) {
        NeedleSystem system = reading.system().orElse(NeedleSystem.H_130_705);
        NeedleSize size = reading.size().flatMap(NeedleLabel.PrintedSize::home).orElse(NeedleSize.NM_80);
        NeedleType type = reading.type().orElse(NeedleType.UNIVERSAL);
        if (type.isMultiple()) {
            Twin twin = reading.twin().orElse(new Twin(3, NeedleType.UNIVERSAL));
            return new Needle(system, type, size, Optional.of(twin));
        }
        return Needle.of(system, type, size);
    }

    private static String toldSoFar(NeedleLabel.Reading reading) {
        List<String> told = new ArrayList<>();
        if (reading.isTypeUnknown()) {
            told.add("a type whose letters we cannot read: " + String.join(" ", reading.unread()));
        }
        reading.type().ifPresent(type -> told.add(type.words()));
        reading.twin().ifPresent(twin -> told.add(Words.mm(twin.spacingMm()) + " mm"));
        reading.size().ifPresent(printedSize -> told.add(printedSize.toString()));
        reading.system().ifPresent(system -> told.add("system " + system.label()));
        return Words.capital(String.join(", ", told));
    }

    private static Stream<String> notMade(Optional<Needle> needle) {
        return needle.filter(otherNeedle -> !NeedleRange.standard().makes(otherNeedle)).stream()
                .map(otherNeedle -> otherNeedle.label()
                        + " is on no list of ours; if your packet says so, it exists, and it is offered as"
                        + " yours.");
    }

    /** Pieces that speak of one place stand there together. */
    private static List<Mark> marks(NeedleLabel.Reading reading, WholeNeedle drawing) {
        Map<Part, String> printed = new EnumMap<>(Part.class);
        reading.pieces().stream()
                .filter(piece -> piece.part() != Part.COUNT && piece.part() != Part.COATING)
                .forEach(piece -> printed.merge(piece.part(), piece.printed(), (a, b) -> a + " " + b));
        return printed.entrySet().stream()
                .map(entry ->
                        new Mark(place(entry.getKey(), drawing), entry.getKey().words(), entry.getValue()))
                .toList();
    }

    private static double place(Part part, WholeNeedle drawing) {
        return switch (part) {
            case SYSTEM, COUNT, COATING -> 6;
            case SIZE -> 19;
            case SPACING -> 27;
            case SCARF -> drawing.eyeTopMm() - 2.5;
            case POINT -> drawing.tipMm() - 1;
        };
    }
}
