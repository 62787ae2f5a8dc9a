package belonax.web.shared.api;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A needle as the JSON interface takes it. Without hours it is new. */
public record NeedleBody(
        @Nullable NeedleSystem system,
        @Nullable NeedleType type,

        @Schema(implementation = Integer.class, example = "80", description = SIZE_TAKEN) @Nullable
        NeedleSize size,

        @Nullable TwinBody twin,
        @Nullable Double hours,
        @Nullable Boolean struck) {

    /** What is said of a size in the description of the interface. */
    public static final String SIZE_TAKEN =
            "The size in NM, such as 80; an object such as {\"nm\": 80, \"trade\": 12} is taken too.";

    /** Spacing and point of a twin or triple needle. */
    public record TwinBody(
            @Nullable Double spacingMm, @Nullable NeedleType point) {}

    /**
     * Returns the needle with its life so far.
     *
     * @throws BadInput if a value makes no sense
     * @throws ApiRefusal if system, type or size is missing
     */
    public NeedleInUse needle(String field) {
        if (system == null) {
            throw ApiRefusal.missing(field + ".system", "A needle has a system, such as 130/705 H.");
        }
        if (type == null) {
            throw ApiRefusal.missing(field + ".type", "A needle has a type, such as UNIVERSAL.");
        }
        if (size == null) {
            throw ApiRefusal.missing(field + ".size", "A needle has a size, such as 80.");
        }
        try {
            Needle needle = new Needle(system, type, size, twin(field));
            return new NeedleInUse(needle, Objects.requireNonNullElse(hours, 0.0), Boolean.TRUE.equals(struck));
        } catch (BadInput e) {
            throw e.under(field);
        }
    }

    private Optional<Twin> twin(String field) {
        if (twin == null) {
            return Optional.empty();
        }
        if (twin.spacingMm() == null) {
            throw ApiRefusal.missing(field + ".twin.spacingMm", "A twin needle has a spacing in mm, such as 4.0.");
        }
        try {
            return Optional.of(
                    new Twin(twin.spacingMm(), Objects.requireNonNullElse(twin.point(), NeedleType.UNIVERSAL)));
        } catch (BadInput e) {
            throw e.under("twin");
        }
    }
}
