package belonax.web.welcome;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleLabel.PrintedSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import java.util.Optional;

/** The needle that a newcomer says is in the machine: read off its packet, with what is usual where the packet is silent. */
final class FirstNeedle {
    private FirstNeedle() {}

    /**
     * Reads it; empty when nothing was typed.
     *
     * @throws BadInput if it cannot be read or tells no size
     */
    static Optional<Needle> of(String typed) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        NeedleLabel.Reading reading = read(typed);
        Optional<Needle> whole = reading.needle();
        if (whole.isPresent()) {
            return whole;
        }
        NeedleType type = reading.type().orElse(NeedleType.UNIVERSAL);
        BadInput.unless(
                !type.isMultiple() && reading.size().flatMap(PrintedSize::home).isPresent(),
                "needle",
                () -> "Add the size, such as 80/12, or leave this empty and tell it later.");
        return reading.size()
                .flatMap(PrintedSize::home)
                .map(size -> Needle.of(reading.system().orElse(NeedleSystem.H_130_705), type, size));
    }

    private static NeedleLabel.Reading read(String typed) {
        try {
            return NeedleLabel.read(typed);
        } catch (BadInput e) {
            throw new BadInput("needle", e.getMessage() + " Or leave this empty and tell it later.");
        }
    }
}
