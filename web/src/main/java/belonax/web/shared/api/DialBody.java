package belonax.web.shared.api;

import belonax.BadInput;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A dial as the JSON interface takes it; the usual band is a third to five ninths of its range where it is not given. */
public record DialBody(
        @Nullable DialKind kind,
        @Nullable Double min,
        @Nullable Double max,
        @Nullable Double step,
        @Nullable Double normalLow,
        @Nullable Double normalHigh) {

    /**
     * Returns the dial.
     *
     * @throws BadInput if its numbers make no sense
     * @throws ApiRefusal if min, max or step is missing
     */
    public Dial dial() {
        double from = required("dial.min", min, "Read the lowest setting off the machine, such as 0.");
        double to = required("dial.max", max, "Read the highest setting off the machine, such as 9.");
        double by = required("dial.step", step, "Send the finest step that can be found again, such as 0.25.");
        try {
            return Dial.of(Objects.requireNonNullElse(kind, DialKind.NUMBERED), from, to, by)
                    .withBand(normalLow, normalHigh);
        } catch (BadInput e) {
            throw e.under("dial");
        }
    }

    private static double required(String field, @Nullable Double value, String advice) {
        if (value == null) {
            throw ApiRefusal.missing(field, advice);
        }
        return value;
    }
}
