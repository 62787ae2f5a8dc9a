package belonax.web.shared.api;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Density;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A cloth as the JSON interface takes it: chosen by id, described, or chosen with fields that override. */
public record FabricBody(
        @Nullable String id,
        @Nullable Structure structure,
        @Nullable Double weightGsm,
        @Nullable Double thicknessMm,
        @Nullable Double stretchPercent,
        @Nullable Double recoveryPercent,
        @Nullable Density density,
        @Nullable List<Trait> traits) {

    /**
     * Returns the cloth.
     *
     * @throws belonax.BadInput if there is no such id or a value makes no sense
     * @throws ApiRefusal if a described cloth lacks its structure or weight
     */
    public Cloth cloth(ClothCatalogue catalogue) {
        if (id != null) {
            return overridden(catalogue.get(id));
        }
        if (structure == null) {
            throw ApiRefusal.missing(
                    "fabric.structure", "Send an id from /api/v1/fabrics, or a structure and weightGsm.");
        }
        if (weightGsm == null) {
            throw ApiRefusal.missing("fabric.weightGsm", "A described cloth needs its weight in g/m².");
        }
        return new Cloth(
                Cloth.DESCRIBED,
                "this " + structure.words(),
                structure,
                weightGsm,
                optional(thicknessMm),
                optional(stretchPercent),
                Objects.requireNonNullElse(recoveryPercent, 95.0),
                Objects.requireNonNullElse(density, Density.NORMAL),
                traits(Set.of()),
                "");
    }

    private Cloth overridden(Cloth base) {
        return new Cloth(
                base.id(),
                base.name(),
                Objects.requireNonNullElse(structure, base.structure()),
                Objects.requireNonNullElse(weightGsm, base.weightGsm()),
                thicknessMm == null ? thicknessAfterOverride(base) : OptionalDouble.of(thicknessMm),
                stretchPercent == null ? base.toldStretchPercent() : OptionalDouble.of(stretchPercent),
                Objects.requireNonNullElse(recoveryPercent, base.recoveryPercent()),
                Objects.requireNonNullElse(density, base.density()),
                traits(base.traits()),
                base.note());
    }

    /** A cloth of another weight is as much thicker, unless its thickness is told too. */
    private OptionalDouble thicknessAfterOverride(Cloth base) {
        if (weightGsm == null || !(weightGsm > 0) || base.measuredMm().isEmpty()) {
            return base.measuredMm();
        }
        return OptionalDouble.of(base.measuredMm().getAsDouble() * weightGsm / base.weightGsm());
    }

    private Set<Trait> traits(Set<Trait> otherwise) {
        return traits == null ? otherwise : Set.copyOf(traits);
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
